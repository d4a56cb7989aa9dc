<?php

declare(strict_types=1);

namespace DeftBlade\Core\Variant;

use DeftBlade\Core\Json\Node;

/**
 * What a variant of practice changes in a standard, as data: faults, criteria, steps of the method card, wordings, what is usable and where it goes.
 * A change finds its place by the id or the words it names; where a standard has no such place, it leaves the standard as it is.
 */
final readonly class VariantChanges
{
    private const KEYS = ['faults', 'criteria', 'card', 'reword', 'bins', 'uses', 'uses_suffix', 'frame'];

    public function __construct(private Node $changes)
    {
        $changes->keys([], self::KEYS);
    }

    /** @return \stdClass the document with the changes made; the one given may be used up */
    public function in(\stdClass $document): \stdClass
    {
        if ($this->changes->has('frame')) {
            $document->frame = null;
        }
        $document->criteria = $this->criteria(self::listed($document, 'criteria'));
        $document->faults = $this->faults(self::listed($document, 'faults'));
        self::dropDangling($document);
        if (isset($document->card)) {
            $document->card = (new CardChanges($this->changes))->of(self::listed($document, 'card'), ordered: ! isset($document->checkpoints));
        }
        foreach (self::pairs($this->changes, 'reword') as $from => $to) {
            $document->card = self::reworded($document->card ?? [], $from, $to);
            $document->cautions = self::reworded($document->cautions ?? [], $from, $to);
        }

        return $this->byProductUses($document);
    }

    /**
     * @param list<\stdClass> $criteria
     *
     * @return list<\stdClass>
     */
    private function criteria(array $criteria): array
    {
        if (! $this->changes->has('criteria')) {
            return $criteria;
        }
        $node = $this->changes->at('criteria')->keys([], ['remove', 'replace', 'swap']);
        $removed = array_map(static fn(Node $it): string => $it->text(), $node->itemsOf('remove'));
        $instead = [];
        foreach ($node->itemsOf('replace') as $item) {
            $instead[$item->at('id')->text()] = $item->document();
        }
        if ($node->has('swap')) {
            foreach (get_object_vars($node->at('swap')->document()) as $id => $criterion) {
                $instead[$id] = $node->at('swap')->at($id)->document();
            }
        }
        $kept = array_filter($criteria, static fn(\stdClass $it): bool => ! in_array($it->id, $removed, true));

        return array_values(array_map(static fn(\stdClass $it): \stdClass => $instead[is_string($it->id) ? $it->id : ''] ?? $it, $kept));
    }

    /**
     * @param list<\stdClass> $faults
     *
     * @return list<\stdClass>
     */
    private function faults(array $faults): array
    {
        if (! $this->changes->has('faults')) {
            return $faults;
        }
        $node = $this->changes->at('faults')->keys([], ['remove', 'add']);
        $added = array_map(static fn(Node $it): \stdClass => $it->document(), $node->itemsOf('add'));
        $gone = [...array_map(static fn(Node $it): string => $it->text(), $node->itemsOf('remove')), ...array_map(static fn(\stdClass $it): mixed => $it->id, $added)];

        return [...array_values(array_filter($faults, static fn(\stdClass $it): bool => ! in_array($it->id, $gone, true))), ...$added];
    }

    /** What excuses or judges a criterion that is gone lets go of it. */
    private static function dropDangling(\stdClass $document): void
    {
        $criteria = array_map(static fn(\stdClass $it): mixed => $it->id, self::listed($document, 'criteria'));
        foreach (self::listed($document, 'defects') as $defect) {
            $excuses = is_array($defect->excuses) ? $defect->excuses : [];
            $defect->excuses = array_values(array_filter($excuses, static fn(mixed $it): bool => ! is_string($it) || ! str_starts_with($it, 'criterion:') || in_array(substr($it, 10), $criteria, true)));
        }
        foreach (self::listed($document, 'checkpoints') as $checkpoint) {
            if (is_array($checkpoint->criteria ?? null)) {
                $checkpoint->criteria = array_values(array_filter($checkpoint->criteria, static fn(mixed $it): bool => in_array($it, $criteria, true)));
            }
        }
    }

    /** What happens to the by-products. */
    private function byProductUses(\stdClass $document): \stdClass
    {
        $bins = self::listed($document, 'bins');
        foreach ($bins as $bin) {
            $id = is_string($bin->id) ? $bin->id : '';
            if ($this->changes->has('bins') && $this->changes->at('bins')->has($id)) {
                $bin->usable = $this->changes->at('bins')->at($id)->at('usable')->boolean();
            }
        }
        $ids = array_map(static fn(\stdClass $it): mixed => $it->id, $bins);
        $uses = isset($document->uses) && $document->uses instanceof \stdClass ? get_object_vars($document->uses) : [];
        foreach (self::pairs($this->changes, 'uses') as $place => $use) {
            $uses = in_array($place, $ids, true) ? [$place => $use] + $uses : $uses;
        }
        foreach (self::pairs($this->changes, 'uses_suffix') as $place => $use) {
            $said = $uses[$place] ?? '';
            $uses = is_string($said) && $said !== '' ? [$place => "$said; $use"] + $uses : $uses;
        }
        if ($uses !== []) {
            $document->uses = (object) $uses;
        }

        return $document;
    }

    /** @return array<string, string> */
    private static function pairs(Node $changes, string $key): array
    {
        $pairs = [];
        foreach ($changes->has($key) ? array_map(strval(...), array_keys(get_object_vars($changes->at($key)->document()))) : [] as $from) {
            $pairs[$from] = $changes->at($key)->at($from)->text();
        }

        return $pairs;
    }

    private static function reworded(mixed $texts, string $from, string $to): mixed
    {
        return match (true) {
            is_string($texts) => str_ireplace($from, $to, $texts),
            is_array($texts) => array_map(static fn(mixed $it): mixed => self::reworded($it, $from, $to), $texts),
            $texts instanceof \stdClass => (object) array_map(static fn(mixed $it): mixed => self::reworded($it, $from, $to), get_object_vars($texts)),
            default => $texts,
        };
    }

    /** @return list<\stdClass> */
    private static function listed(\stdClass $document, string $key): array
    {
        return array_map(static fn(Node $it): \stdClass => $it->document(), Node::of($document, 'standard')->itemsOf($key));
    }
}
