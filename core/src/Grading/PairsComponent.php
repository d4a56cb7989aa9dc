<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Carcass\EvennessMeasure;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\MatchGroup;
use DeftBlade\Core\Weighing\Mass;

/** Left against right, or a group among itself: how alike pieces weigh, by heaviest less lightest over their mean. */
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
        $matches = array_values(array_filter(
            $tray->standard->matches,
            static fn(MatchGroup $it): bool => array_filter($it->pieces, $tray->excusesPiece(...)) === [],
        ));
        if ($matches === []) {
            return ComponentScore::dropped($this);
        }
        if (! $tray->complete) {
            return ComponentScore::pending($this);
        }
        $share = 100 / count($matches);
        $score = 0.0;
        $losses = [];
        foreach ($matches as $match) {
            [$fraction, $explanation] = $this->compare($match, $tray);
            $score += $share * $fraction;
            if ($fraction < 1) {
                $losses[] = new Loss($explanation, $share * (1 - $fraction));
            }
        }

        return ComponentScore::of($this, $score, $losses);
    }

    /** @return array{float, string} the fraction earned, and why it is not all of it */
    private function compare(MatchGroup $match, Tray $tray): array
    {
        $titles = array_map($tray->standard->titleOf(...), $match->pieces);
        $last = lcfirst((string) array_pop($titles));
        $names = implode(', ', [$titles[0], ...array_map(lcfirst(...), array_slice($titles, 1))])." and $last";
        $masses = array_values(array_intersect_key($tray->log->pieces, array_flip($match->pieces)));
        if (count($masses) < count($match->pieces)) {
            return [0.0, "$names: one of the ".($match->isPair() ? 'pair' : 'group').' is not on the tray'];
        }
        $tolerance = $match->tolerance ?? $this->tolerance;
        if (! $match->isPair()) {
            usort($masses, static fn(Mass $a, Mass $b): int => $b->mg <=> $a->mg);
        }
        $imbalance = EvennessMeasure::Range->of(array_map(static fn(Mass $mass): int => $mass->mg, $masses));

        return [Slope::beyond($imbalance, $tolerance, $this->fade), sprintf(
            '%s: %s against %s, apart by %s; up to %s is free',
            $names,
            $masses[0]->inGrams(),
            $masses[count($masses) - 1]->inGrams(),
            Figure::percent($imbalance, 1),
            Figure::percent($tolerance, 1),
        )];
    }
}
