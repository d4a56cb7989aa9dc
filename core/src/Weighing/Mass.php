<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

/** A mass, in whole milligrams, never negative. */
final readonly class Mass
{
    public const MOST_MG = 1_000_000_000;

    private function __construct(public int $mg) {}

    /** @throws InvalidMass */
    public static function ofMilligrams(int $mg): self
    {
        return match (true) {
            $mg < 0 => throw InvalidMass::negative(),
            $mg > self::MOST_MG => throw InvalidMass::tooLarge(),
            default => new self($mg),
        };
    }

    /** @throws InvalidMass */
    public static function of(float $amount, MassUnit $unit): self
    {
        $mg = $amount * $unit->milligrams();

        return match (true) {
            $mg < 0 => throw InvalidMass::negative(),
            $mg > self::MOST_MG => throw InvalidMass::tooLarge(),
            default => new self((int) round($mg)),
        };
    }

    /**
     * @param list<self> $masses
     *
     * @throws InvalidMass
     */
    public static function sum(array $masses): self
    {
        return self::ofMilligrams(array_sum(array_map(static fn(self $mass): int => $mass->mg, $masses)));
    }

    /**
     * Reads what a person typed: "1.82 kg", "1820", "4 lb 3 oz", "4lb 3,5oz"; a bare number is in $bare.
     *
     * @throws InvalidMass
     */
    public static function parse(string $text, MassUnit $bare = MassUnit::Gram): self
    {
        $number = '(\d{1,9}(?:[.,]\d{1,9})?)';
        $clean = mb_strtolower(trim($text));
        if (preg_match('/^[-−]\s*\d/u', $clean) === 1) {
            throw InvalidMass::negative();
        }
        if (preg_match("/^$number\s*lbs?\.?\s*$number\s*oz\.?$/", $clean, $found) === 1) {
            $ounces = self::decimal($found[1]) * 16 + self::decimal($found[2]);

            return self::of($ounces, MassUnit::Ounce);
        }
        if (preg_match("/^$number\s*(kg|g|oz|lb)?s?\.?$/", $clean, $found) !== 1) {
            throw InvalidMass::unreadable($text);
        }

        return self::of(self::decimal($found[1]), MassUnit::tryFrom($found[2] ?? '') ?? $bare);
    }

    /** Grams to the tenth, trailing zero dropped: "267 g". */
    public function inGrams(): string
    {
        return self::trimmed($this->mg / 1000, 1).' g';
    }

    /** As a kitchen reads it: "267 g", "1.82 kg", "9.42 oz", "4 lb 3 oz". */
    public function format(MassUnit $unit): string
    {
        if ($unit === MassUnit::Gram) {
            return $this->inGrams();
        }
        if ($unit !== MassUnit::Pound) {
            return self::trimmed($this->mg / $unit->milligrams(), $unit === MassUnit::Kilogram ? 3 : 2)." {$unit->value}";
        }
        $tenths = (int) round($this->mg / MassUnit::Ounce->milligrams() * 10);

        return sprintf('%d lb %s oz', intdiv($tenths, 160), self::trimmed(($tenths % 160) / 10, 1));
    }

    private static function decimal(string $digits): float
    {
        return (float) str_replace(',', '.', $digits);
    }

    private static function trimmed(float $number, int $places): string
    {
        return (string) round($number, $places);
    }
}
