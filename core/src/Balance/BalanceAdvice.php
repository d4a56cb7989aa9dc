<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
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

    /** @return list<Message> nothing while the weights are open or in balance */
    public function for(MassBalance $balance, CaptureLog $log): array
    {
        if ($balance->unaccountedMg === null || $balance->tolerance === null) {
            return [];
        }
        $figures = ['unaccounted_mg' => abs($balance->unaccountedMg), 'tolerance_mg' => $balance->tolerance->mg];

        return match ($balance->state) {
            BalanceState::Short => [
                Message::of(MessageCode::BalanceShort, $figures),
                ...$this->suspects($log, -1, $balance->unaccountedMg),
                Message::of(MessageCode::BalanceShortLook),
            ],
            BalanceState::Over => [
                Message::of(MessageCode::BalanceOver, $figures),
                ...$this->suspects($log, 1, -$balance->unaccountedMg),
                Message::of(MessageCode::BalanceOverLook),
            ],
            BalanceState::Open, BalanceState::Balanced => [],
        };
    }

    /** @return list<Message> places that stand out in this direction */
    private function suspects(CaptureLog $log, int $direction, int $amountMg): array
    {
        $asPurchased = $log->weights->received?->mass;
        if ($asPurchased === null) {
            return [];
        }
        $suspects = [];
        $weights = $log->weights->pieces + $log->weights->bins;
        foreach ([...array_values($this->standard->cuts->pieces), ...array_values($this->standard->cuts->bins)] as $place) {
            $sd = $place->expectation->sd * $asPurchased->mg;
            $weight = $weights[$place->id] ?? null;
            if ($weight === null || $sd <= 0) {
                continue;
            }
            $off = $direction * ($weight->mg - $place->expectation->massFor($asPurchased)->mg);
            if ($off > max(self::SUSPECT_SD * $sd, self::SUSPECT_SHARE * $amountMg)) {
                $suspects[] = ['sd' => $off / $sd, 'why' => self::suspicion($place, $off, $direction, $asPurchased)];
            }
        }
        usort($suspects, static fn(array $a, array $b): int => $b['sd'] <=> $a['sd']);

        return array_slice(array_column($suspects, 'why'), 0, self::MOST_SUSPECTS);
    }

    private static function suspicion(Piece|Bin $place, int $offMg, int $direction, Mass $asPurchased): Message
    {
        return Message::of($direction > 0 ? MessageCode::WeighAgainMore : MessageCode::WeighAgainLess, [
            'place' => $place->id,
            'off_mg' => $offMg,
            'expected_mg' => $place->expectation->massFor($asPurchased)->mg,
        ]);
    }
}
