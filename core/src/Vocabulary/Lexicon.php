<?php

declare(strict_types=1);

namespace DeftBlade\Core\Vocabulary;

use DeftBlade\Core\Json\Node;

/** The things a school may name in its own words. */
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

    /**
     * The words a school has chosen, and its own before them; the book's where it has neither.
     *
     * @param array<string, string> $words the key of the wording chosen, by term
     * @param array<string, string> $own   the school's words by the book's
     */
    public function vocabulary(array $words, array $own, Units $units): Vocabulary
    {
        $instead = $own;
        foreach (array_intersect_key($words, $this->terms) as $term => $wording) {
            $instead += $this->terms[$term]->wordings[$wording]->instead ?? [];
        }

        return Vocabulary::of($instead, $units);
    }
}
