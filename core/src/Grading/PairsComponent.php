<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Carcass\EvennessMeasure;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\MatchGroup;
use DeftBlade\Core\Weighing\Mass;

/** Left against right, or a group among itself: how alike pieces weigh, by heaviest less lightest over their mean. */
final readonly class PairsComponent extends WeightedComponent
{
    private const MOST_TAPER = 1000;

    private const MOST_TOLERANCE = 2;

    private function __construct(ComponentHead $head, private float $tolerance, private float $taper)
    {
        parent::__construct($head);
    }

    public static function settings(): array
    {
        return [Setting::positive('tolerance', self::MOST_TOLERANCE), Setting::positive('fade', self::MOST_TAPER)];
    }

    public static function of(ComponentHead $head, Node $node): self
    {
        return new self($head, $head->setting('tolerance'), $head->setting('fade'));
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

    /** @return array{float, Message} the fraction earned, and why it is not all of it */
    private function compare(MatchGroup $match, Tray $tray): array
    {
        $masses = array_values(array_intersect_key($tray->log->weights->pieces, array_flip($match->pieces)));
        if (count($masses) < count($match->pieces)) {
            return [0.0, Message::of($match->isPair() ? MessageCode::PairMissing : MessageCode::GroupMissing, ['pieces' => $match->pieces])];
        }
        $tolerance = $match->tolerance ?? $this->tolerance;
        if (! $match->isPair()) {
            usort($masses, static fn(Mass $a, Mass $b): int => $b->mg <=> $a->mg);
        }
        $imbalance = EvennessMeasure::Range->of(array_map(static fn(Mass $mass): int => $mass->mg, $masses));

        return [Slope::beyond($imbalance, $tolerance, $this->taper), Message::of(MessageCode::PairApart, [
            'pieces' => $match->pieces,
            'heavy_mg' => $masses[0]->mg,
            'light_mg' => $masses[count($masses) - 1]->mg,
            'apart_share' => $imbalance,
            'tolerance_share' => $tolerance,
        ])];
    }
}
