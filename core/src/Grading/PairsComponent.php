<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;

/** Left against right: how alike the two pieces of each pair weigh. */
final readonly class PairsComponent extends WeightedComponent
{
    private const MOST_FADE = 1000;

    private function __construct(ComponentHead $head, private float $tolerance, private float $fade)
    {
        parent::__construct($head);
    }

    public static function read(Node $node): self
    {
        return new self(
            ComponentHead::read($node, ['tolerance', 'fade']),
            $node->at('tolerance')->positive(2),
            $node->at('fade')->positive(self::MOST_FADE),
        );
    }

    public function score(Tray $tray, array $verdicts): ComponentScore
    {
        $pairs = array_values(array_filter(
            $tray->standard->pairs,
            static fn(array $pair): bool => ! $tray->excusesPiece($pair[0]) && ! $tray->excusesPiece($pair[1]),
        ));
        if ($pairs === []) {
            return ComponentScore::dropped($this);
        }
        if (! $tray->complete) {
            return ComponentScore::pending($this);
        }
        $share = 100 / count($pairs);
        $score = 0.0;
        $losses = [];
        foreach ($pairs as [$left, $right]) {
            $names = $tray->standard->titleOf($left).' and '.lcfirst($tray->standard->titleOf($right));
            [$fraction, $explanation] = $this->compare($tray->log->pieces[$left] ?? null, $tray->log->pieces[$right] ?? null);
            $score += $share * $fraction;
            if ($fraction < 1) {
                $losses[] = new Loss("$names: $explanation", $share * (1 - $fraction));
            }
        }

        return ComponentScore::of($this, $score, $losses);
    }

    /** @return array{float, string} the fraction earned, and why it is not all of it */
    private function compare(?Mass $left, ?Mass $right): array
    {
        if ($left === null || $right === null) {
            return [0.0, 'one of the pair is not on the tray'];
        }
        $mean = ($left->mg + $right->mg) / 2;
        $imbalance = $mean > 0 ? abs($left->mg - $right->mg) / $mean : 0.0;
        $fraction = $imbalance <= $this->tolerance ? 1.0 : max(0.0, 1 - ($imbalance - $this->tolerance) / ($this->fade * $this->tolerance));

        return [$fraction, sprintf(
            '%s against %s, apart by %s; up to %s is free',
            $left->inGrams(),
            $right->inGrams(),
            Figure::percent($imbalance, 1),
            Figure::percent($this->tolerance, 1),
        )];
    }
}
