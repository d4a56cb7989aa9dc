<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Carcass\EvennessMeasure;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Weighing\Mass;

/** Portion weights: each piece against its window, and the portions of a set against each other; what is missing earns nothing. */
final readonly class PortionComponent extends WeightedComponent
{
    private const MOST_TAPER = 1000;

    private function __construct(ComponentHead $head, public float $taper)
    {
        parent::__construct($head);
    }

    public static function settings(): array
    {
        return [Setting::positive('fade', self::MOST_TAPER)];
    }

    public static function of(ComponentHead $head, Node $node): self
    {
        return new self($head, $head->setting('fade'));
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
            $evenness = $it->evenness;
            $score += $share * $evenness?->score;
            if ($evenness !== null && $evenness->score < 1) {
                $losses[] = new Loss(self::explainUnevenness($it, $evenness), $share * (1 - $evenness->score));
            }
        }

        return ComponentScore::of($this, $score, $losses);
    }

    private static function explain(PieceVerdict $it, Mass $asPurchased): Message
    {
        if ($it->mass === null || $it->quantity === null) {
            return Message::of(MessageCode::PieceMissing, ['piece' => $it->piece->id]);
        }
        $window = $it->piece->window;
        $byShare = $window->basis === WindowBasis::Share;
        $milligrams = $byShare ? $asPurchased->mg : 1;
        $figures = [
            'piece' => $it->piece->id,
            'mass_mg' => $it->mass->mg,
            'basis' => $window->basis->value,
            'quantity_share' => $byShare ? $it->quantity->value : null,
            'low_mg' => (int) round($window->low * $milligrams),
            'high_mg' => (int) round($window->high * $milligrams),
            'low_share' => $byShare ? $window->low : null,
            'high_share' => $byShare ? $window->high : null,
        ];
        $beyond = ['beyond_mg' => (int) round($it->beyond * $milligrams)];

        return match ($it->verdict) {
            Verdict::Allowed => Message::of(MessageCode::PieceAllowed, $figures),
            Verdict::Under => Message::of(MessageCode::PieceUnder, $figures + $beyond),
            default => Message::of(MessageCode::PieceOver, $figures + $beyond),
        };
    }

    private static function explainUnevenness(PieceVerdict $it, EvennessVerdict $evenness): Message
    {
        if ($evenness->figure === null) {
            return Message::of(MessageCode::PortionsUnweighed, ['piece' => $it->piece->id, 'weighed' => $evenness->weighed, 'count' => $evenness->portions->count]);
        }
        $code = $evenness->portions->measure === EvennessMeasure::Range ? MessageCode::PortionsRange : MessageCode::PortionsCv;

        return Message::of($code, ['piece' => $it->piece->id, 'figure_share' => $evenness->figure, 'count' => $evenness->portions->count, 'limit_share' => $evenness->portions->limit]);
    }
}
