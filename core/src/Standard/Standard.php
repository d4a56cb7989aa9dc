<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\Carcass;
use DeftBlade\Core\Carcass\CutList;
use DeftBlade\Core\Json\Findings;
use DeftBlade\Core\Json\Node;

/** What a tray is held against: the cut list of a carcass, criteria, faults, defects, scrape limit and time. */
final readonly class Standard
{
    /** @var array<string, list<Criterion>> */
    private array $criteriaByComponent;

    /** @var array<string, list<Fault>> */
    private array $faultsByComponent;

    /**
     * @param list<array{string, string}> $pairs
     * @param array<string, Criterion>    $criteria    by id
     * @param array<string, Fault>        $faults      by id
     * @param array<string, Defect>       $defects     by id
     * @param array<string, string>       $checkpoints titles by id
     */
    private function __construct(
        public string $key,
        public string $title,
        public string $species,
        public Carcass $carcass,
        public CutList $cuts,
        public array $pairs,
        public array $criteria,
        public array $faults,
        public array $defects,
        public array $checkpoints,
        public ?FrameLimit $frame,
        public ?TimeAllowance $time,
    ) {
        $this->criteriaByComponent = self::grouped($criteria);
        $this->faultsByComponent = self::grouped($faults);
    }

    public static function read(Node $node): self
    {
        $node->keys(
            ['key', 'carcass', 'pieces', 'frame', 'time'],
            ['title', 'version', 'species', 'pairs', 'bins', 'criteria', 'faults', 'defects', 'checkpoints', 'tray', 'card', 'cautions', 'uses'],
        );
        $key = $node->at('key')->identifier();
        $carcass = Carcass::read($node->at('carcass'));
        $cuts = CutList::read($node, $carcass);
        $criteria = self::byId($node->itemsOf('criteria'), Criterion::read(...));

        return new self(
            $key,
            $node->textOf('title', $key),
            $node->textOf('species', $carcass->title),
            $carcass,
            $cuts,
            self::pairs($node->itemsOf('pairs'), $cuts),
            $criteria,
            self::byId($node->itemsOf('faults'), Fault::read(...)),
            self::byId($node->itemsOf('defects'), static fn(Node $item): Defect => Defect::read($item, $cuts, $criteria)),
            self::byId($node->itemsOf('checkpoints'), self::checkpoint(...)),
            $node->at('frame')->isNull() ? null : $node->at('frame')->attempt(FrameLimit::read(...)),
            $node->at('time')->isNull() ? null : $node->at('time')->attempt(TimeAllowance::read(...)),
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
                $node->report($node->at('id')->fail("$id is also the id of an earlier one"));
            }
            $items[$id] = $item;
        }

        return $items;
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
     * @return list<array{string, string}>
     */
    private static function pairs(array $nodes, CutList $cuts): array
    {
        $pairs = array_map(static fn(Node $node): ?array => $node->attempt(static fn(Node $pair): array => self::pair($pair, $cuts)), $nodes);

        return array_values(array_filter($pairs, static fn(?array $pair): bool => $pair !== null));
    }

    /** @return array{string, string} */
    private static function pair(Node $node, CutList $cuts): array
    {
        $ids = array_map(static fn(Node $item): string => $item->text(), $node->items());
        if (count($ids) !== 2 || $ids[0] === $ids[1]) {
            throw $node->fail('a pair names two different pieces');
        }
        foreach ($ids as $index => $id) {
            if (! isset($cuts->pieces[$id])) {
                throw $node->items()[$index]->fail('the standard has no such piece');
            }
        }

        return [$ids[0], $ids[1]];
    }

    private static function checkpoint(Node $node): string
    {
        $node->keys(['id'], ['title']);

        return $node->textOf('title', $node->at('id')->identifier());
    }
}
