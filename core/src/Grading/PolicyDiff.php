<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\DiffSubject;
use DeftBlade\Core\Standard\DocumentDiff;

/** Every difference between two versions of a grading policy. */
final readonly class PolicyDiff implements DiffSubject
{
    private function __construct() {}

    /** @return list<Message> nothing where both say the same; the version number is no difference */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        $places = static fn(\stdClass $it): string => is_int($it->places ?? null) ? (string) $it->places : '';
        $rounding = $places($before) === $places($after) ? [] : [Message::of(MessageCode::DiffNumber, ['where' => ['@decimal_places'], 'before' => $places($before), 'after' => $places($after)])];

        return [...(new DocumentDiff(new self()))->between($before, $after), ...$rounding];
    }

    public function titleOf(string $text): string
    {
        return CapCause::tryFrom($text) === null && DecisionRule::tryFrom($text) === null ? $text : "@$text";
    }

    /** The places a total is rounded to share their key with the places of a tray. */
    public function tellsItself(string $key, \stdClass $before, \stdClass $after): bool
    {
        return $key === 'places';
    }

    public function isMoved(string $list, mixed $item): bool
    {
        return false;
    }
}
