<?php

declare(strict_types=1);

namespace App\TryOut;

use App\Models\Attempt;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * One made-up carcass, cut by one made-up student: parts drawn from the carcass shares with their spread and brought to the AP weight,
 * so that what comes off it balances. The same seed gives the same carcass.
 */
final readonly class CarcassDraw
{
    private const PURGE_CAUGHT = 0.6;

    /** @param array<string, int> $masses mg by place; the scrape as "scrape", portion 2 of a set as "set:2" */
    private function __construct(private array $masses) {}

    /** Every demo has the same birds at the same stations. */
    public static function seedOf(Attempt $attempt): string
    {
        return "{$attempt->assessment->title} {$attempt->station}";
    }

    /** @param float $care 1 cuts by the book; less leaves more in the trim, on the frame and in other pieces */
    public static function of(Standard $standard, Mass $asPurchased, string $seed, float $care = 0.8): self
    {
        $random = new Randomizer(new Mt19937(crc32($seed)));
        $parts = [];
        foreach ($standard->carcass->parts as $part) {
            $parts[$part->id] = max(0.0, $part->share + $part->sd * self::normal($random));
        }
        $whole = array_sum($parts);
        // What drips off before it is weighed is in no container.
        $parts['purge'] = ($parts['purge'] ?? 0.0) * self::PURGE_CAUGHT;
        $masses = [];
        foreach ([...$standard->cuts->pieces, ...$standard->cuts->bins] as $place) {
            $share = array_sum(array_map(static fn(string $part): float => $parts[$part], $place->parts)) / $whole;
            $masses[$place->id] = $share * $asPurchased->mg;
        }

        $placed = self::inGrams(self::withWaste($masses, $standard, $random, 1 - $care));
        foreach ($standard->cuts->pieces as $piece) {
            $placed += $piece->portions === null ? [] : self::portions($piece->id, $placed[$piece->id], $piece->portions->count, $random, 1 - $care);
        }

        return new self($placed);
    }

    public static function asPurchased(string $seed, TypicalMass $typical): Mass
    {
        $mg = $typical->usual->mg + $typical->sdMg() * self::normal(new Randomizer(new Mt19937(crc32("AP $seed"))));

        return Mass::ofMilligrams(1000 * (int) round($mg / 1000));
    }

    public function massOf(string $place): Mass
    {
        return Mass::ofMilligrams($this->masses[$place] ?? 0);
    }

    /**
     * Careless hands move some of each piece to the trim and the frame; a little is scraped off, some purge is lost.
     *
     * @param array<string, float> $masses
     *
     * @return array<string, float>
     */
    private static function withWaste(array $masses, Standard $standard, Randomizer $random, float $carelessness): array
    {
        $masses += ['scrape' => 0.0];
        $trim = isset($standard->cuts->bins['trim']) ? 'trim' : (string) array_key_first($standard->cuts->bins);
        foreach ($standard->cuts->pieces as $piece) {
            $lost = $masses[$piece->id] * $carelessness * 0.25 * abs(self::normal($random));
            $masses[$piece->id] -= $lost;
            $scraped = $standard->frame === null ? 0.0 : min($lost * 0.4, 9_000.0);
            $masses['scrape'] += $scraped;
            $masses[$trim] = ($masses[$trim] ?? 0.0) + $lost - $scraped;
        }

        return $masses;
    }

    /**
     * A set cut by eye: portions about alike, which add up to it.
     *
     * @return array<string, int>
     */
    private static function portions(string $set, int $mg, int $count, Randomizer $random, float $carelessness): array
    {
        $sizes = array_map(static fn(): float => max(0.3, 1 + (0.05 + 0.35 * $carelessness) * self::normal($random)), range(1, $count));
        $whole = array_sum($sizes);
        $portions = [];
        $cut = 0.0;
        $taken = 0;
        foreach ($sizes as $index => $size) {
            $cut += $size / $whole * $mg;
            $portion = 1000 * (int) round(($cut - $taken) / 1000);
            $portions["$set:".($index + 1)] = $portion;
            $taken += $portion;
        }

        return $portions;
    }

    /**
     * @param array<string, float> $masses
     *
     * @return array<string, int>
     */
    private static function inGrams(array $masses): array
    {
        return array_map(static fn(float $mg): int => 1000 * (int) round($mg / 1000), $masses);
    }

    /** Irwin–Hall: the sum of twelve uniforms less six is normal enough for a demo. */
    private static function normal(Randomizer $random): float
    {
        $sum = 0.0;
        for ($draw = 0; $draw < 12; $draw++) {
            $sum += $random->getInt(0, 1_000_000) / 1_000_000;
        }

        return $sum - 6;
    }
}
