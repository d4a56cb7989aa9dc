<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Carcass\EvennessMeasure;
use DeftBlade\Core\Carcass\Window;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;

/** Portion weights: each piece against its window, and the portions of a set against each other; what is missing earns nothing. */
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
        $asPurchased = $tray->asPurchased();
        if ($asPurchased === null || ! $tray->complete) {
            return ComponentScore::pending($this);
        }
        $sets = array_values(array_filter($judged, static fn(PieceVerdict $it): bool => $it->evenness?->isAsked() === true));
        $share = 100 / (count($judged) + count($sets));
        $score = 0.0;
        $losses = [];
        foreach ($judged as $it) {
            $score += $share * $it->score;
            if ($it->score < 1 || $it->verdict === Verdict::Allowed) {
                $losses[] = new Loss(self::explain($it, $asPurchased), $share * (1 - $it->score));
            }
        }
        foreach ($sets as $it) {
            $score += $share * $it->evenness?->score;
            if ($it->evenness?->score < 1) {
                $losses[] = new Loss(self::explainUnevenness($it), $share * (1 - $it->evenness?->score));
            }
        }

        return ComponentScore::of($this, $score, $losses);
    }

    private static function explain(PieceVerdict $it, Mass $asPurchased): string
    {
        if ($it->mass === null || $it->quantity === null) {
            return "{$it->piece->title}: not on the tray";
        }
        $byShare = $it->piece->window->basis === WindowBasis::Share;
        $milligrams = $byShare ? $asPurchased->mg : 1;
        $figure = sprintf(
            '%s: %s%s, window %s',
            $it->piece->title,
            $it->mass->inGrams(),
            $byShare ? ' ('.Figure::percent($it->quantity->value).' of the carcass)' : '',
            self::range($it->piece->window, $milligrams),
        );
        $beyond = Figure::plain($it->beyond * $milligrams / 1000, 1);

        return match ($it->verdict) {
            Verdict::Allowed => "$figure; outside by less than the weighing can tell, so it is allowed (benefit of the doubt)",
            Verdict::Under => "$figure; $beyond g under what is allowed",
            default => "$figure; $beyond g over what is allowed",
        };
    }

    private static function explainUnevenness(PieceVerdict $it): string
    {
        $evenness = $it->evenness;
        if ($evenness?->figure === null) {
            return sprintf('%s: %d of %d portions weighed by themselves, so how even they are earns nothing', $it->piece->title, $evenness?->weighed, $evenness?->portions->count);
        }

        return sprintf(
            '%s: %s %s over %d portions, up to %s is free',
            $it->piece->title,
            $evenness->portions->measure === EvennessMeasure::Range ? 'heaviest and lightest are apart by' : 'uneven by a coefficient of variation of',
            Figure::percent($evenness->figure, 1),
            $evenness->portions->count,
            Figure::percent($evenness->portions->limit, 1),
        );
    }

    private static function range(Window $window, int $milligrams): string
    {
        $grams = sprintf('%s to %s g', Figure::plain($window->low * $milligrams / 1000, 1), Figure::plain($window->high * $milligrams / 1000, 1));

        return $window->basis === WindowBasis::Mass
            ? $grams
            : sprintf('%s for this carcass (%s to %s)', $grams, Figure::plain($window->low * 100), Figure::percent($window->high));
    }
}
