<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** What an attempt weighs: the carcass as purchased, its pieces and by-products, what was scraped off the frame. */
final readonly class Weights
{
    /**
     * @param array<string, Mass>                       $pieces    by piece id; of a set weighed portion by portion their sum, once all are in or the tray is presented
     * @param array<string, non-empty-array<int, Mass>> $portions  by piece id and number
     * @param array<string, non-empty-list<Mass>>       $weighings what the mass of each piece was put together from
     * @param array<string, Mass>                       $bins      by bin id
     */
    private function __construct(
        public ?Received $received,
        public array $pieces,
        public array $portions,
        public array $weighings,
        public array $bins,
        public ?Mass $scrape,
    ) {}

    /** @param list<string> $thrownAway pieces an incident took off the tray */
    public static function of(CaptureHistory $history, Standard $standard, bool $presented, array $thrownAway): self
    {
        $gone = array_flip($thrownAway);
        $weighings = $portions = $bins = [];
        foreach ($history->holding(PieceWeighed::class) as $it) {
            $weighings += isset($gone[$it->piece]) ? [] : [$it->piece => [$it->mass]];
        }
        foreach ($history->holding(PortionWeighed::class) as $it) {
            if (! isset($gone[$it->piece])) {
                $portions[$it->piece][$it->portion] = $it->mass;
            }
        }
        foreach ($portions as $piece => $set) {
            if ($presented || count($set) === $standard->cuts->pieces[$piece]->portions?->count) {
                $weighings += [$piece => array_values($set)];
            }
        }
        foreach ($history->holding(BinWeighed::class) as $it) {
            $bins[$it->bin] = $it->mass;
        }

        return new self($history->latest(Received::class), array_map(Mass::sum(...), $weighings), $portions, $weighings, $bins, $history->latest(Scraped::class)?->mass);
    }

    public function piecesMg(): int
    {
        return array_sum(array_map(static fn(Mass $mass): int => $mass->mg, $this->pieces));
    }
}
