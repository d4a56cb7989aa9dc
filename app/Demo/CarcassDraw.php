<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Attempt;
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
    /** @param array<string, int> $masses mg by place; the scrape as "scrape" */
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
        $masses = [];
        foreach ([...$standard->cuts->pieces, ...$standard->cuts->bins] as $place) {
            $share = array_sum(array_map(static fn(string $part): float => $parts[$part], $place->parts)) / $whole;
            $masses[$place->id] = $share * $asPurchased->mg;
        }

        return new self(self::inGrams(self::withWaste($masses, $standard, $random, 1 - $care)));
    }

    public static function asPurchased(string $seed): Mass
    {
        return Mass::ofMilligrams(1000 * (int) round(1850 + 75 * self::normal(new Randomizer(new Mt19937(crc32("AP $seed"))))));
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
        foreach ($standard->cuts->pieces as $piece) {
            $lost = $masses[$piece->id] * $carelessness * 0.25 * abs(self::normal($random));
            $masses[$piece->id] -= $lost;
            $scraped = min($lost * 0.4, 9_000.0);
            $masses['scrape'] += $scraped;
            $masses['trim'] = ($masses['trim'] ?? 0.0) + $lost - $scraped;
        }
        $masses['waste'] = ($masses['waste'] ?? 0.0) * 0.6;

        return $masses;
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
