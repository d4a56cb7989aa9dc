<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Statistics\Normal;
use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\Quantity;
use DeftBlade\Core\Weighing\Scale;

/** Holds each piece of a tray against its window, by one decision rule (JCGM 106:2012, 8.2 and 8.3). */
final readonly class PieceJudge
{
    public function __construct(private Decision $decision, private Scale $scale, private float $fade) {}

    /**
     * @throws EmptyWindow
     * @return list<PieceVerdict> in the order of the cut list
     */
    public function judge(Tray $tray): array
    {
        $verdicts = [];
        foreach ($tray->standard->cuts->pieces as $piece) {
            $verdicts[] = $this->judgePiece($tray, $piece);
        }

        return $verdicts;
    }

    private function judgePiece(Tray $tray, Piece $piece): PieceVerdict
    {
        $mass = $tray->log->pieces[$piece->id] ?? null;
        $asPurchased = $tray->asPurchased();
        $expected = $asPurchased === null ? null : $piece->expectation->massFor($asPurchased);
        $quantity = $mass === null ? null : $this->quantity($piece, $mass, $asPurchased);
        $conformance = $quantity === null ? null : self::conformance($piece, $quantity);

        if ($tray->excusesPiece($piece->id)) {
            return new PieceVerdict($piece, Verdict::Excused, $mass, $expected, $quantity, $conformance, null);
        }
        if ($mass === null && $tray->complete) {
            return new PieceVerdict($piece, Verdict::Missing, null, $expected, null, null, 0.0);
        }
        if ($quantity === null) {
            return new PieceVerdict($piece, Verdict::Pending, $mass, $expected, null, null, null);
        }
        [$verdict, $beyond] = $this->decide($piece, $quantity);
        $score = max(0.0, 1 - $beyond / ($this->fade * $piece->window->halfWidth()));

        return new PieceVerdict($piece, $verdict, $mass, $expected, $quantity, $conformance, $score, $beyond);
    }

    /** @return array{Verdict, float} */
    private function decide(Piece $piece, Quantity $quantity): array
    {
        $reach = $this->decision->reach($quantity->uncertainty);
        $low = $piece->window->low - $reach;
        $high = $piece->window->high + $reach;
        if ($low > $high) {
            throw EmptyWindow::of($piece->id);
        }

        return match (true) {
            $quantity->value < $low => [Verdict::Under, $low - $quantity->value],
            $quantity->value > $high => [Verdict::Over, $quantity->value - $high],
            $quantity->value < $piece->window->low, $quantity->value > $piece->window->high => [Verdict::Allowed, 0.0],
            default => [Verdict::Within, 0.0],
        };
    }

    private function quantity(Piece $piece, Mass $mass, ?Mass $asPurchased): ?Quantity
    {
        if ($piece->window->basis === WindowBasis::Mass) {
            return Quantity::ofMass($mass, $this->scale);
        }

        return $asPurchased === null ? null : Quantity::ofShare($mass, $asPurchased, $this->scale);
    }

    private static function conformance(Piece $piece, Quantity $quantity): float
    {
        $below = static fn(float $limit): float => Normal::below(($limit - $quantity->value) / $quantity->uncertainty);

        return $below($piece->window->high) - $below($piece->window->low);
    }
}
