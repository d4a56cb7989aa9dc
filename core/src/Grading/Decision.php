<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Statistics\Normal;

/** The decision rule with the coverage factor of its guard band, z = Φ⁻¹(confidence). */
final readonly class Decision
{
    private const MOST_CONFIDENCE = 0.999999;

    private function __construct(public DecisionRule $rule, public float $confidence, private float $z) {}

    public static function read(Node $node): self
    {
        $node->keys(['rule', 'confidence']);
        $confidence = $node->at('confidence')->number(0.5, self::MOST_CONFIDENCE);

        return new self($node->at('rule')->oneOf(DecisionRule::class), $confidence, Normal::quantile($confidence));
    }

    public function under(DecisionRule $rule): self
    {
        return new self($rule, $this->confidence, $this->z);
    }

    /** How far the limits a score is counted from lie outside the window, for a figure of this standard uncertainty. */
    public function guardBand(float $uncertainty): float
    {
        return $this->rule->outward() * $this->z * $uncertainty;
    }
}
