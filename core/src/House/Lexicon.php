<?php

declare(strict_types=1);

namespace DeftBlade\Core\House;

use DeftBlade\Core\Json\Node;

/** The things a house may name in its own words. */
final readonly class Lexicon
{
    /** @param array<string, Term> $terms by key */
    private function __construct(public array $terms) {}

    public static function read(Node $node): self
    {
        $node->keys(['terms']);
        $terms = [];
        foreach ($node->at('terms')->items() as $item) {
            $term = Term::read($item);
            $terms[$term->key] = $term;
        }

        return new self($terms);
    }

    /** In the words a house has chosen, and in its own before them; the book's where it has neither. */
    public function vocabulary(HouseSettings $house): Vocabulary
    {
        $instead = $house->own;
        foreach (array_intersect_key($house->words, $this->terms) as $term => $wording) {
            $instead += $this->terms[$term]->wordings[$wording]->instead ?? [];
        }

        return Vocabulary::of($instead, $house->units);
    }
}
