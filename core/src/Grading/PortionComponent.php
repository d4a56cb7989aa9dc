<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Carcass\Window;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Json\Node;

/** Portion weights: each piece against its window; a missing piece earns nothing. */
final readonly class PortionComponent extends WeightedComponent
{
    private const MOST_FADE = 1000;

    private function __construct(ComponentHead $head, public float $fade)
    {
        parent::__construct($head);
    }

    public static function read(Node $node): self
    {
        return new self(ComponentHead::read($node, ['fade']), $node->at('fade')->positive(self::MOST_FADE));
    }

    public function score(Tray $tray, array $verdicts): ComponentScore
    {
        $judged = array_values(array_filter($verdicts, static fn(PieceVerdict $it): bool => $it->verdict !== Verdict::Excused));
        if ($judged === []) {
            return ComponentScore::dropped($this);
        }
        if ($tray->asPurchased() === null || ! $tray->complete) {
            return ComponentScore::pending($this);
        }
        $share = 100 / count($judged);
        $score = 0.0;
        $losses = [];
        foreach ($judged as $it) {
            $score += $share * $it->score;
            if ($it->score < 1 || $it->verdict === Verdict::Allowed) {
                $losses[] = new Loss(self::explain($it), $share * (1 - $it->score));
            }
        }

        return ComponentScore::of($this, $score, $losses);
    }

    private static function explain(PieceVerdict $it): string
    {
        if ($it->mass === null || $it->quantity === null) {
            return "{$it->piece->title}: not on the tray";
        }
        $window = $it->piece->window;
        $figure = $window->basis === WindowBasis::Mass
            ? "{$it->piece->title}: {$it->mass->inGrams()}, window ".self::range($window)
            : sprintf('%s: %s is %s of the carcass, window %s', $it->piece->title, $it->mass->inGrams(), Figure::percent($it->quantity->value), self::range($window));
        if ($it->verdict === Verdict::Allowed) {
            return "$figure; outside by less than the weighing can tell, so it is allowed (benefit of the doubt)";
        }
        $side = $it->verdict === Verdict::Under ? 'under' : 'over';
        $by = $window->basis === WindowBasis::Mass
            ? Figure::plain($it->beyond / 1000, 1).' g'
            : Figure::percent($it->beyond).' of the carcass';

        return "$figure; $side by $by beyond what is allowed";
    }

    private static function range(Window $window): string
    {
        return $window->basis === WindowBasis::Mass
            ? sprintf('%s to %s g', Figure::plain($window->low / 1000, 1), Figure::plain($window->high / 1000, 1))
            : sprintf('%s to %s', Figure::plain($window->low * 100), Figure::percent($window->high));
    }
}
