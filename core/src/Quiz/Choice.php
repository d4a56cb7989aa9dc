<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Random\Randomizer;

/** The right answer among a few wrong ones, in any order. */
final readonly class Choice
{
    public const MOST = 4;

    public const LEAST = 2;

    /** @param list<Message> $options */
    private function __construct(public array $options, public int $right) {}

    /**
     * @param list<string> $wrong texts, none of them the right one
     */
    public static function of(string $right, array $wrong, Randomizer $random): self
    {
        $texts = $random->shuffleArray([$right, ...array_slice($random->shuffleArray(self::others($right, $wrong)), 0, self::MOST - 1)]);
        $options = array_map(static fn(string $it): Message => Message::of(MessageCode::QuizText, ['title' => $it]), $texts);

        return new self($options, (int) array_search($right, $texts, true));
    }

    /** @param list<string> $wrong */
    public static function isPossible(string $right, array $wrong): bool
    {
        return count(self::others($right, $wrong)) >= self::LEAST - 1;
    }

    /**
     * @param list<string> $wrong
     *
     * @return list<string> each once
     */
    private static function others(string $right, array $wrong): array
    {
        return array_values(array_diff(array_unique($wrong), [$right]));
    }
}
