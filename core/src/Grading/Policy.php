<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Balance\BalanceTolerance;
use DeftBlade\Core\Json\Findings;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Scale;

/** How a school turns what was seen and weighed into a grade. */
final readonly class Policy
{
    private const MOST_PLACES = 6;

    private const MOST_APPEAL_DAYS = 365;

    /** Two weeks, as schools usually give (common practice). */
    private const USUAL_APPEAL_DAYS = 14;

    /** Lets a half that binary arithmetic leaves just under itself still round up. */
    private const HALF_SLACK = 1e-9;

    /**
     * @param list<Component>      $components
     * @param list<Cap>            $caps
     * @param non-empty-list<Band> $bands      highest minimum first
     * @param Moderation|null      $moderation null where one assessor marks
     */
    private function __construct(
        public array $components,
        public Decision $decision,
        public Scale $scale,
        public BalanceTolerance $balance,
        public array $caps,
        public array $bands,
        public int $places,
        public ?Moderation $moderation,
    ) {}

    /** @param ComponentKinds|null $kinds null for those that ship */
    public static function read(Node $node, ?ComponentKinds $kinds = null): self
    {
        return self::sections($node, $kinds ?? ComponentKinds::shipped()) ?? throw new \LogicException('a section that cannot be read throws');
    }

    /** Reads a document to the end and finds everything that is wrong with it. */
    public static function examine(\stdClass $document): PolicyExamination
    {
        $findings = new Findings();
        $policy = Node::of($document, 'policy', $findings)->attempt(static fn(Node $node): ?self => self::sections($node, ComponentKinds::shipped()));

        return new PolicyExamination($findings->all() === [] ? $policy : null, $findings->all());
    }

    /** @return self|null null where findings are collected and a section cannot be read */
    private static function sections(Node $node, ComponentKinds $kinds): ?self
    {
        $node->keys(['components', 'decision', 'scale', 'balance', 'caps', 'bands', 'places'], ['key', 'title', 'version', 'moderation', 'appeal_days']);
        $node->has('appeal_days') ? $node->at('appeal_days')->attempt(static fn(Node $it): int => $it->integer(0, self::MOST_APPEAL_DAYS)) : null;
        foreach (['key', 'title'] as $text) {
            $node->has($text) ? $node->at($text)->attempt(static fn(Node $it): string => $it->text()) : null;
        }
        $components = $node->at('components')->attempt($kinds->read(...));
        $decision = $node->at('decision')->attempt(Decision::read(...));
        $scale = $node->at('scale')->attempt(Scale::read(...));
        $balance = $node->at('balance')->attempt(BalanceTolerance::read(...));
        $caps = $node->at('caps')->attempt(Cap::readAll(...));
        $bands = $node->at('bands')->attempt(Band::readAll(...));
        $places = $node->at('places')->attempt(static fn(Node $it): int => $it->integer(0, self::MOST_PLACES));
        $moderation = $node->has('moderation') ? $node->at('moderation')->attempt(Moderation::read(...)) : null;

        return $components === null || $decision === null || $scale === null || $balance === null || $caps === null || $bands === null || $places === null
            ? null
            : new self($components, $decision, $scale, $balance, $caps, $bands, $places, $moderation);
    }

    /** In how many days after its release a result may be appealed against; 0: not at all. Grading does not ask. */
    public static function appealDays(Node $policy): int
    {
        return $policy->has('appeal_days') ? $policy->at('appeal_days')->integer(0, self::MOST_APPEAL_DAYS) : self::USUAL_APPEAL_DAYS;
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

    /** A result passes that is not in the lowest band. */
    public function passes(string $label): bool
    {
        return $label !== $this->bands[count($this->bands) - 1]->label;
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
