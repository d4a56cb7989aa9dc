<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Balance\BalanceTolerance;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Scale;

/** How a school turns what was seen and weighed into a grade. */
final readonly class Policy
{
    private const MOST_PLACES = 6;

    /** Lets a half that binary arithmetic leaves just under itself still round up. */
    private const HALF_SLACK = 1e-9;

    /**
     * @param list<Component>      $components
     * @param list<Cap>            $caps
     * @param non-empty-list<Band> $bands      highest minimum first
     */
    private function __construct(
        public array $components,
        public Decision $decision,
        public Scale $scale,
        public BalanceTolerance $balance,
        public array $caps,
        public array $bands,
        public int $places,
    ) {}

    /** @param ComponentKinds|null $kinds null for those that ship */
    public static function read(Node $node, ?ComponentKinds $kinds = null): self
    {
        $node->keys(['components', 'decision', 'scale', 'balance', 'caps', 'bands', 'places'], ['key', 'title', 'version']);

        return new self(
            ($kinds ?? ComponentKinds::shipped())->read($node->at('components')),
            Decision::read($node->at('decision')),
            Scale::read($node->at('scale')),
            BalanceTolerance::read($node->at('balance')),
            array_map(Cap::read(...), $node->at('caps')->items()),
            Band::readAll($node->at('bands')),
            $node->at('places')->integer(0, self::MOST_PLACES),
        );
    }

    public function judgeOfPieces(DecisionRule $rule): PieceJudge
    {
        return new PieceJudge($this->decision->under($rule), $this->scale, $this->taper());
    }

    /** Rounds half up, once, at the end. */
    public function round(float $total): float
    {
        $scale = 10 ** $this->places;

        return floor($total * $scale + 0.5 + self::HALF_SLACK) / $scale;
    }

    public function bandOf(float $rounded): Band
    {
        foreach ($this->bands as $band) {
            if ($band->min <= $rounded) {
                return $band;
            }
        }

        return $this->bands[count($this->bands) - 1];
    }

    private function taper(): float
    {
        foreach ($this->components as $component) {
            if ($component instanceof PortionComponent) {
                return $component->taper;
            }
        }

        return 1.0;
    }
}
