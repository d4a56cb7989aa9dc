<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** A standard and the students who work to it; a practical with two standards has two. */
final readonly class BriefList
{
    private const MOST_STUDENTS = 200;

    /**
     * @param string|null  $standard id of a published version
     * @param list<string> $students ids, in the order of stations
     * @param list<string> $resits   ids of those of them who resit
     */
    private function __construct(public ?string $standard, public array $students, public BriefOrder $order, public array $resits) {}

    public static function read(Node $node): self
    {
        $node->keys(['standard', 'students', 'order'], ['resits']);
        $students = array_map(Id::read(...), $node->at('students')->items());
        if (count($students) > self::MOST_STUDENTS) {
            throw $node->at('students')->fail(MessageCode::TooMany, ['most' => self::MOST_STUDENTS]);
        }

        return new self($node->at('standard')->isNull() ? null : Id::read($node->at('standard')), $students, BriefOrder::read($node->at('order')), array_values(array_intersect($students, array_map(Id::read(...), $node->itemsOf('resits')))));
    }
}
