<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\Carcass;
use DeftBlade\Core\Carcass\CutList;
use DeftBlade\Core\Json\Findings;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** What a tray is held against: the cut list of a carcass, criteria, faults, defects, scrape limit and time. */
final readonly class Standard
{
    /** @var array<string, list<Criterion>> */
    private array $criteriaByComponent;

    /** @var array<string, list<Fault>> */
    private array $faultsByComponent;

    /**
     * @param list<MatchGroup>          $matches
     * @param array<string, Criterion>  $criteria    by id
     * @param array<string, Fault>      $faults      by id
     * @param array<string, Defect>     $defects     by id
     * @param array<string, Checkpoint> $checkpoints by id
     */
    private function __construct(
        public string $key,
        public string $title,
        public string $species,
        public Carcass $carcass,
        public CutList $cuts,
        public array $matches,
        public array $criteria,
        public array $faults,
        public array $defects,
        public array $checkpoints,
        public ?FrameLimit $frame,
        public ?TimeAllowance $time,
        /** The yield counts towards the grade. */
        public bool $countsYield,
        /** Null where the policy's target holds. */
        public ?YieldTarget $yield,
        /** @var array<string, string> the variants of practice it names itself, by question */
        public array $variants,
    ) {
        $this->criteriaByComponent = self::grouped($criteria);
        $this->faultsByComponent = self::grouped($faults);
    }

    public static function read(Node $node): self
    {
        $node->keys(
            ['key', 'carcass', 'pieces', 'frame', 'time'],
            ['title', 'version', 'species', 'pairs', 'bins', 'criteria', 'faults', 'defects', 'checkpoints', 'yield', 'tray', 'card', 'cautions', 'uses', 'schools'],
        );
        $key = $node->at('key')->identifier();
        $carcass = Carcass::read($node->at('carcass'));
        $cuts = CutList::read($node, $carcass);
        $criteria = self::byId($node->itemsOf('criteria'), Criterion::read(...));

        $countsYield = ! $node->has('yield') || ! $node->at('yield')->isNull();

        return new self(
            $key,
            $node->textOf('title', $key),
            $node->textOf('species', $carcass->title),
            $carcass,
            $cuts,
            self::matches($node->itemsOf('pairs'), $cuts),
            $criteria,
            self::byId($node->itemsOf('faults'), Fault::read(...)),
            self::byId($node->itemsOf('defects'), static fn(Node $item): Defect => Defect::read($item, $cuts, $criteria)),
            self::byId($node->itemsOf('checkpoints'), static fn(Node $item): Checkpoint => Checkpoint::read($item, $criteria)),
            $node->at('frame')->isNull() ? null : $node->at('frame')->attempt(FrameLimit::read(...)),
            $node->at('time')->isNull() ? null : $node->at('time')->attempt(TimeAllowance::read(...)),
            $countsYield,
            $countsYield && $node->has('yield') ? $node->at('yield')->attempt(static fn(Node $it): YieldTarget => YieldTarget::read($it->keys(['floor', 'target']))) : null,
            $node->has('schools') ? self::schools($node->at('schools')) : [],
        );
    }

    /** Everything wrong with a document that is to be a standard; where one thing stands on another that is wrong, the first is named. */
    public static function examine(\stdClass $document): Examination
    {
        $findings = new Findings();
        $node = Node::of($document, 'standard', $findings);
        $standard = $node->attempt(self::read(...));
        if ($standard !== null) {
            Presentation::check($node, $standard);
        }

        return new Examination($standard, $findings->all());
    }

    /** @return list<Criterion> those of one component */
    public function criteriaOf(string $component): array
    {
        return $this->criteriaByComponent[$component] ?? [];
    }

    /** @return list<Fault> those of one component */
    public function faultsOf(string $component): array
    {
        return $this->faultsByComponent[$component] ?? [];
    }

    /** What a place of the tray is called: a piece or a bin by its title. */
    public function titleOf(string $pieceOrBin): string
    {
        return $this->cuts->pieces[$pieceOrBin]->title ?? $this->cuts->bins[$pieceOrBin]->title ?? $pieceOrBin;
    }

    /**
     * @template T
     *
     * @param list<Node>        $nodes
     * @param callable(Node): T $read
     *
     * @return array<string, T>
     */
    private static function byId(array $nodes, callable $read): array
    {
        $items = [];
        foreach ($nodes as $node) {
            $item = $node->attempt($read);
            if ($item === null) {
                continue;
            }
            $id = $node->at('id')->identifier();
            if (isset($items[$id])) {
                $node->report($node->at('id')->fail(MessageCode::IdTaken, ['id' => $id]));
            }
            $items[$id] = $item;
        }

        return $items;
    }

    /** @return array<string, string> */
    private static function schools(Node $node): array
    {
        $schools = [];
        foreach (array_map(strval(...), array_keys(get_object_vars($node->document()))) as $question) {
            $schools[$question] = $node->at($question)->text();
        }

        return $schools;
    }

    /**
     * @template T of Criterion|Fault
     *
     * @param array<string, T> $items
     *
     * @return array<string, list<T>>
     */
    private static function grouped(array $items): array
    {
        $groups = [];
        foreach ($items as $item) {
            $groups[$item->component][] = $item;
        }

        return $groups;
    }

    /**
     * @param list<Node> $nodes
     *
     * @return list<MatchGroup>
     */
    private static function matches(array $nodes, CutList $cuts): array
    {
        $groups = array_map(static fn(Node $node): ?MatchGroup => $node->attempt(static fn(Node $group): MatchGroup => MatchGroup::read($group, $cuts)), $nodes);

        return array_values(array_filter($groups, static fn(?MatchGroup $it): bool => $it !== null));
    }
}
