<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** Portion yield: all pieces weighed, excused or not, over the AP weight. */
final readonly class YieldComponent extends WeightedComponent
{
    private function __construct(ComponentHead $head, private float $floor, private float $target)
    {
        parent::__construct($head);
    }

    public static function read(Node $node): self
    {
        $head = ComponentHead::read($node, ['floor', 'target']);
        $floor = $node->at('floor')->number(0, 1);
        $target = $node->at('target')->number(0, 1);

        return $target > $floor ? new self($head, $floor, $target) : throw $node->at('target')->fail('must be above floor');
    }

    public function score(Tray $tray, array $verdicts): ComponentScore
    {
        $asPurchased = $tray->asPurchased();
        if ($asPurchased === null || ! $tray->complete) {
            return ComponentScore::pending($this);
        }
        $yield = $tray->log->piecesMg() / $asPurchased->mg;

        return ComponentScore::ofFraction(
            $this,
            max(0.0, min(1.0, ($yield - $this->floor) / ($this->target - $this->floor))),
            sprintf(
                'Portion yield: %s of the carcass, full marks from %s, none at %s',
                Figure::percent($yield, 1),
                Figure::percent($this->target, 1),
                Figure::percent($this->floor, 1),
            ),
        );
    }
}
