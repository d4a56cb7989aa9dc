<?php

declare(strict_types=1);

namespace DeftBlade\Core\House;

use DeftBlade\Core\Json\Node;

/** What a school has chosen: its words, its units, its schools of practice. What is not chosen is the book's. */
final readonly class HouseSettings
{
    private const MOST_OWN = 100;

    private const LONGEST_WORD = 60;

    /**
     * @param array<string, string> $words   the wording by term
     * @param array<string, string> $schools the school by question
     * @param array<string, string> $own     words that no term offers: the house's by the book's
     */
    private function __construct(public Units $units, public array $words, public array $schools, public array $own) {}

    public static function ofTheBook(): self
    {
        return new self(Units::Metric, [], [], []);
    }

    /** @throws \DeftBlade\Core\Json\InvalidPackage where something is chosen that is not offered */
    public static function read(Node $node, Lexicon $lexicon, SchoolBook $book): self
    {
        $node->keys(['units', 'words', 'schools'], ['own']);

        return new self(
            $node->at('units')->oneOf(Units::class),
            self::choices($node->at('words'), array_map(static fn(Term $it): array => array_keys($it->wordings), $lexicon->terms)),
            self::choices($node->at('schools'), array_map(static fn(Question $it): array => array_keys($it->schools), $book->questions)),
            $node->has('own') ? self::ownWords($node->at('own')) : [],
        );
    }

    /** @return array<string, string> */
    private static function ownWords(Node $node): array
    {
        $own = [];
        foreach ($node->items() as $item) {
            $item->keys(['book', 'house']);
            $book = mb_strtolower(self::word($item->at('book')));
            if (isset($own[$book])) {
                throw $item->at('book')->fail("\"$book\" is given a word twice");
            }
            $own[$book] = self::word($item->at('house'));
        }

        return count($own) <= self::MOST_OWN ? $own : throw $node->fail('holds more than '.self::MOST_OWN.' words');
    }

    private static function word(Node $node): string
    {
        $word = trim($node->text());
        $isWord = preg_match("/^\\p{L}[\\p{L}\\p{M}\\p{N} ,.()’'\\/-]*$/uD", $word) === 1 && mb_strlen($word) <= self::LONGEST_WORD;

        return $isWord ? $word : throw $node->fail('must be a word or a few of up to '.self::LONGEST_WORD.' characters, beginning with a letter');
    }

    /**
     * @param array<string, list<string>> $offered
     *
     * @return array<string, string>
     */
    private static function choices(Node $node, array $offered): array
    {
        $node->keys([], array_map(strval(...), array_keys($offered)));
        $chosen = [];
        foreach (array_intersect_key($offered, get_object_vars($node->document())) as $key => $choices) {
            $choice = $node->at($key)->text();
            $chosen[$key] = in_array($choice, $choices, true) ? $choice : throw $node->at($key)->fail('must be one of '.implode(', ', $choices));
        }

        return $chosen;
    }
}
