<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\YieldTarget;

/** Portion yield: all pieces weighed, excused or not, over the AP weight, against the target of the standard or else of the house. */
final readonly class YieldComponent extends WeightedComponent
{
    private function __construct(ComponentHead $head, private YieldTarget $house)
    {
        parent::__construct($head);
    }

    public static function read(Node $node): self
    {
        return new self(ComponentHead::read($node, ['floor', 'target']), YieldTarget::read($node));
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
        $yield = $tray->log->piecesMg() / $asPurchased->mg;
        $limits = $tray->standard->yield ?? $this->house;

        return ComponentScore::ofFraction(
            $this,
            max(0.0, min(1.0, ($yield - $limits->floor) / ($limits->target - $limits->floor))),
            sprintf(
                'Portion yield: %s of the carcass, full marks from %s, none at %s',
                Figure::percent($yield, 1),
                Figure::percent($limits->target, 1),
                Figure::percent($limits->floor, 1),
            ),
        );
    }
}
