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
    public function __construct(private Decision $decision, private Scale $scale, private float $taper) {}

    /**
     * @throws EmptyWindow
     * @return list<PieceVerdict> in the order of the cut list
     */
    public function judge(Tray $tray): array
    {
        $verdicts = [];
        foreach ($tray->standard->cuts->pieces as $piece) {
            $verdicts[] = $this->judgePiece($tray, $piece)->withEvenness($this->judgeEvenness($tray, $piece));
        }

        return $verdicts;
    }

    private function judgePiece(Tray $tray, Piece $piece): PieceVerdict
    {
        $mass = $tray->log->weights->pieces[$piece->id] ?? null;
        $asPurchased = $tray->asPurchased();
        $expected = $asPurchased === null ? null : $piece->expectation->massFor($asPurchased);
        $quantity = $mass === null ? null : $this->quantity($piece, $tray->log->weights->weighings[$piece->id] ?? [$mass], $asPurchased);
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
        $score = max(0.0, 1 - $beyond / ($this->taper * $piece->window->halfWidth()));

        return new PieceVerdict($piece, $verdict, $mass, $expected, $quantity, $conformance, $score, $beyond);
    }

    private function judgeEvenness(Tray $tray, Piece $piece): ?EvennessVerdict
    {
        $portions = $piece->portions;
        if ($portions === null) {
            return null;
        }
        $masses = array_values(array_map(static fn(Mass $mass): int => $mass->mg, $tray->log->weights->portions[$piece->id] ?? []));
        $weighed = count($masses);
        $figure = $portions->measure !== null && $masses !== [] && $weighed === $portions->count ? $portions->measure->of($masses) : null;
        $score = match (true) {
            $portions->measure === null, $tray->excusesPiece($piece->id) => null,
            $figure !== null => Slope::beyond($figure, $portions->limit, $this->taper),
            default => $tray->log->time->presented ? 0.0 : null,
        };

        return new EvennessVerdict($portions, $weighed, $figure, $score);
    }

    /** @return array{Verdict, float} */
    private function decide(Piece $piece, Quantity $quantity): array
    {
        $guardBand = $this->decision->guardBand($quantity->uncertainty);
        $low = $piece->window->low - $guardBand;
        $high = $piece->window->high + $guardBand;
        if ($low > $high) {
            throw new EmptyWindow($piece->id);
        }

        return match (true) {
            $quantity->value < $low => [Verdict::Under, $low - $quantity->value],
            $quantity->value > $high => [Verdict::Over, $quantity->value - $high],
            $quantity->value < $piece->window->low, $quantity->value > $piece->window->high => [Verdict::Allowed, 0.0],
            default => [Verdict::Within, 0.0],
        };
    }

    /** @param non-empty-list<Mass> $weighings */
    private function quantity(Piece $piece, array $weighings, ?Mass $asPurchased): ?Quantity
    {
        if ($piece->window->basis === WindowBasis::Mass) {
            return Quantity::ofMass($weighings, $this->scale);
        }

        return $asPurchased === null ? null : Quantity::ofShare($weighings, $asPurchased, $this->scale);
    }

    private static function conformance(Piece $piece, Quantity $quantity): float
    {
        $below = static fn(float $limit): float => Normal::below(($limit - $quantity->value) / $quantity->uncertainty);

        return $below($piece->window->high) - $below($piece->window->low);
    }
}
