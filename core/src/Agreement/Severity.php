<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

/** How an assessor's totals lie to those that others gave the same trays. */
final readonly class Severity
{
    /** On fewer trays chance is larger than what people differ by. */
    public const LEAST_TRAYS = 10;

    private function __construct(
        public string $person,
        public int $trays,
        /** Their total less the other one's, on average: below 0 they are stricter. Null on fewer than ten trays. */
        public ?float $difference,
    ) {}

    /** @param list<float> $differences theirs less the other one's, a tray each */
    public static function of(string $person, array $differences): self
    {
        $trays = count($differences);

        return new self($person, $trays, $trays < self::LEAST_TRAYS ? null : array_sum($differences) / $trays);
    }
}
