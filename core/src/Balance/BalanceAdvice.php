<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** When the weights of a tray do not balance: by how much, which way, and what to check, likeliest first. */
final readonly class BalanceAdvice
{
    /** A place this many standard deviations from what the carcass should give is worth weighing again. */
    private const SUSPECT_SD = 2.5;

    /** … and it must explain at least this much of what is missing or too much. */
    private const SUSPECT_SHARE = 0.25;

    private const MOST_SUSPECTS = 2;

    public function __construct(private Standard $standard) {}

    /** @return list<string> nothing while the weights are open or in balance */
    public function for(MassBalance $balance, CaptureLog $log): array
    {
        if ($balance->unaccountedMg === null || $balance->tolerance === null) {
            return [];
        }
        $amount = Mass::ofMilligrams(abs($balance->unaccountedMg))->inGrams();
        $tolerance = $balance->tolerance->inGrams();

        return match ($balance->state) {
            BalanceState::Short => [
                "$amount short: less was weighed than came in ($tolerance either way is allowed).",
                ...$this->suspects($log, -1, $balance->unaccountedMg),
                'Look for a container not weighed out, a piece still on the board, liquid left in the tray or taken up by towels.',
            ],
            BalanceState::Over => [
                "$amount over: more was weighed than came in ($tolerance either way is allowed).",
                ...$this->suspects($log, 1, -$balance->unaccountedMg),
                'Look for a pan that was not tared, a piece weighed twice or from another tray, and check the AP weight.',
            ],
            BalanceState::Open, BalanceState::Balanced => [],
        };
    }

    /** @return list<string> places that stand out in this direction */
    private function suspects(CaptureLog $log, int $direction, int $amountMg): array
    {
        $asPurchased = $log->received?->mass;
        if ($asPurchased === null) {
            return [];
        }
        $suspects = [];
        $weights = $log->pieces + $log->bins;
        foreach ([...array_values($this->standard->cuts->pieces), ...array_values($this->standard->cuts->bins)] as $place) {
            $sd = $place->expectation->sd * $asPurchased->mg;
            $weight = $weights[$place->id] ?? null;
            if ($weight === null || $sd <= 0) {
                continue;
            }
            $off = $direction * ($weight->mg - $place->expectation->massFor($asPurchased)->mg);
            if ($off > max(self::SUSPECT_SD * $sd, self::SUSPECT_SHARE * $amountMg)) {
                $suspects[] = ['sd' => $off / $sd, 'text' => self::suspicion($place, $off, $direction, $asPurchased)];
            }
        }
        usort($suspects, static fn(array $a, array $b): int => $b['sd'] <=> $a['sd']);

        return array_slice(array_column($suspects, 'text'), 0, self::MOST_SUSPECTS);
    }

    private static function suspicion(Piece|Bin $place, int $offMg, int $direction, Mass $asPurchased): string
    {
        return sprintf(
            'Weigh %s again: %s %s than a carcass of this weight should give (%s).',
            lcfirst($place->title),
            Mass::ofMilligrams($offMg)->inGrams(),
            $direction > 0 ? 'more' : 'less',
            $place->expectation->massFor($asPurchased)->inGrams(),
        );
    }
}
