<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\YieldTarget;

/** Portion yield: all pieces weighed, excused or not, over the AP weight, against the target of the standard or else of the school. */
final readonly class YieldComponent extends WeightedComponent
{
    private function __construct(ComponentHead $head, private YieldTarget $usual)
    {
        parent::__construct($head);
    }

    public static function settings(): array
    {
        return [Setting::share('floor'), Setting::share('target')];
    }

    public static function of(ComponentHead $head, Node $node): self
    {
        return new self($head, YieldTarget::read($node));
    }

    public function score(Tray $tray, array $verdicts): ComponentScore
    {
        if (! $tray->standard->countsYield) {
            return ComponentScore::dropped($this);
        }
        $asPurchased = $tray->asPurchased();
        if ($asPurchased === null || ! $tray->complete) {
            return ComponentScore::pending($this);
        }
        $yield = $tray->log->weights->piecesMg() / $asPurchased->mg;
        $limits = $tray->standard->yield ?? $this->usual;

        return ComponentScore::ofFraction(
            $this,
            max(0.0, min(1.0, ($yield - $limits->floor) / ($limits->target - $limits->floor))),
            Message::of(MessageCode::YieldLow, ['yield_share' => $yield, 'target_share' => $limits->target, 'floor_share' => $limits->floor]),
        );
    }
}
