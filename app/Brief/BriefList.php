<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Planning\PanPlace;

/** A standard and the students who work to it; a practical with two standards has two. */
final readonly class BriefList
{
    private const MOST_STUDENTS = 200;

    /**
     * @param string|null  $standard id of a published version
     * @param list<string> $students ids, in the order of stations
     * @param list<string> $resits   ids of those of them who resit
     * @param int          $perPan   how many present on one pan; 1 for a tray each
     */
    private function __construct(public ?string $standard, public array $students, public BriefOrder $order, public array $resits, public int $perPan) {}

    public static function read(Node $node): self
    {
        $node->keys(['standard', 'students', 'order'], ['resits', 'per_pan']);
        $students = array_map(Id::read(...), $node->at('students')->items());
        if (count($students) > self::MOST_STUDENTS) {
            throw $node->at('students')->fail(MessageCode::TooMany, ['most' => self::MOST_STUDENTS]);
        }

        return new self(
            $node->at('standard')->isNull() ? null : Id::read($node->at('standard')),
            $students,
            BriefOrder::read($node->at('order')),
            array_values(array_intersect($students, array_map(Id::read(...), $node->itemsOf('resits')))),
            $node->has('per_pan') ? $node->at('per_pan')->integer(1, PanPlace::MOST_TO_A_PAN) : 1,
        );
    }
}
