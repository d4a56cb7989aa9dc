<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Capture\Day;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** A practical as it is planned: what, who, when, where, with what. What is not decided yet is null or empty. */
final readonly class BriefDocument
{
    public const MOST_BENCHES = 60;

    private const MOST_SCALES = 5;

    private const MOST_WAVES = 20;

    private const LONGEST_S = 3_600;

    private const LONGEST_NAME = 200;

    private const MOST_LISTS = 4;

    private const MOST_NOT_BY = 200;

    /**
     * @param string|null         $day       YYYY-MM-DD, at the school
     * @param string|null         $start     HH:MM, at the school
     * @param int                 $benches   stations in the room
     * @param int                 $gapS      from the start of one wave to the next
     * @param int                 $miseS     to set a bench up
     * @param int                 $cleanS    to clean it
     * @param int                 $waitS     how long nineteen trays in twenty may wait for the scale
     * @param list<BriefList>     $lists
     * @param list<BriefAssessor> $assessors
     * @param list<NotBy>         $notBy
     */
    private function __construct(
        public string $title,
        public bool $isRehearsal,
        public ?string $day,
        public ?string $start,
        public string $room,
        public int $benches,
        public int $scales,
        public int $waves,
        public int $gapS,
        public int $miseS,
        public int $cleanS,
        public int $waitS,
        public array $lists,
        public array $assessors,
        public array $notBy,
    ) {}

    /** @throws \DeftBlade\Core\Json\InvalidPackage naming the place */
    public static function read(Node $node): self
    {
        $node->keys(['title', 'is_rehearsal', 'day', 'start', 'room', 'benches', 'scales', 'waves', 'gap_s', 'mise_s', 'clean_s', 'wait_s', 'lists', 'assessors', 'not_by']);
        $seconds = static fn(string $key): int => $node->at($key)->integer(0, self::LONGEST_S);

        return new self(
            $node->at('title')->text(self::LONGEST_NAME),
            $node->at('is_rehearsal')->boolean(),
            self::day($node->at('day')),
            $node->at('start')->isNull() ? null : $node->at('start')->matching('/^([01]\d|2[0-3]):[0-5]\d$/D', MessageCode::NotATime),
            $node->at('room')->text(self::LONGEST_NAME),
            $node->at('benches')->integer(1, self::MOST_BENCHES),
            $node->at('scales')->integer(1, self::MOST_SCALES),
            $node->at('waves')->integer(1, self::MOST_WAVES),
            $seconds('gap_s'),
            $seconds('mise_s'),
            $seconds('clean_s'),
            $seconds('wait_s'),
            array_map(BriefList::read(...), self::few($node->at('lists'), self::MOST_LISTS)),
            array_map(BriefAssessor::read(...), self::few($node->at('assessors'), self::MOST_BENCHES)),
            array_map(NotBy::read(...), self::few($node->at('not_by'), self::MOST_NOT_BY)),
        );
    }

    private static function day(Node $node): ?string
    {
        if ($node->isNull()) {
            return null;
        }

        return Day::read($node)->format(Day::FORMAT);
    }

    /** @return list<Node> */
    private static function few(Node $node, int $most): array
    {
        return count($node->items()) <= $most ? $node->items() : throw $node->fail(MessageCode::TooMany, ['most' => $most]);
    }
}
