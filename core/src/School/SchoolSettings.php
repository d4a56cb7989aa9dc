<?php

declare(strict_types=1);

namespace DeftBlade\Core\School;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Variant\Question;
use DeftBlade\Core\Variant\VariantCatalogue;
use DeftBlade\Core\Vocabulary\Lexicon;
use DeftBlade\Core\Vocabulary\Term;
use DeftBlade\Core\Vocabulary\Units;
use DeftBlade\Core\Vocabulary\Vocabulary;

/** What a school has chosen: its words, its units, its variants of practice. What is not chosen is the book's. */
final readonly class SchoolSettings
{
    private const TIME_ZONE = 'UTC';

    private const CURRENCY = 'EUR';

    private const LONGEST_NAME = 120;

    private const MOST_OWN = 100;

    private const LONGEST_WORD = 60;

    /**
     * @param string                $name     '' until it is said
     * @param string                $currency ISO 4217
     * @param string                $timeZone by its IANA name
     * @param array<string, string> $words    the wording by term
     * @param array<string, string> $variants the variant by question
     * @param array<string, string> $own      words that no term offers: the school's by the book's
     */
    private function __construct(public string $name, public string $currency, public Units $units, public string $timeZone, public array $words, public array $variants, public array $own, public PracticeShown $practice) {}

    public static function ofTheBook(): self
    {
        return new self('', self::CURRENCY, Units::Metric, self::TIME_ZONE, [], [], [], PracticeShown::Own);
    }

    /** @throws \DeftBlade\Core\Json\InvalidPackage where something is chosen that is not offered */
    public static function read(Node $node, Lexicon $lexicon, VariantCatalogue $catalogue): self
    {
        $node->keys(['units', 'words', 'variants'], ['own', 'time_zone', 'name', 'currency', 'practice']);

        return new self(
            $node->has('name') ? trim($node->at('name')->text(self::LONGEST_NAME)) : '',
            $node->has('currency') ? self::currency($node->at('currency')) : self::CURRENCY,
            $node->at('units')->oneOf(Units::class),
            $node->has('time_zone') ? self::timeZone($node->at('time_zone')) : self::TIME_ZONE,
            self::choices($node->at('words'), array_map(static fn(Term $it): array => array_keys($it->wordings), $lexicon->terms)),
            self::choices($node->at('variants'), array_map(static fn(Question $it): array => array_keys($it->variants), $catalogue->questions)),
            $node->has('own') ? self::ownWords($node->at('own')) : [],
            $node->has('practice') ? $node->at('practice')->oneOf(PracticeShown::class) : PracticeShown::Own,
        );
    }

    public function vocabulary(Lexicon $lexicon): Vocabulary
    {
        return $lexicon->vocabulary($this->words, $this->own, $this->units);
    }

    /** As it is stored, and read again. */
    public function document(): \stdClass
    {
        return (object) [
            'name' => $this->name,
            'currency' => $this->currency,
            'units' => $this->units->value,
            'time_zone' => $this->timeZone,
            'words' => (object) $this->words,
            'variants' => (object) $this->variants,
            'practice' => $this->practice->value,
            'own' => array_map(static fn(string $book, string $said): \stdClass => (object) ['book' => $book, 'school' => $said], array_map(strval(...), array_keys($this->own)), array_values($this->own)),
        ];
    }

    private static function timeZone(Node $node): string
    {
        $name = $node->text();

        return in_array($name, \DateTimeZone::listIdentifiers(), true) ? $name : throw $node->fail(MessageCode::NotATimeZone);
    }

    private static function currency(Node $node): string
    {
        return Currency::known($node->text())->code ?? throw $node->fail(MessageCode::NotACurrency);
    }

    /** @return array<string, string> */
    private static function ownWords(Node $node): array
    {
        $own = [];
        foreach ($node->items() as $item) {
            $item->keys(['book', 'school']);
            $book = mb_strtolower(self::word($item->at('book')));
            if (isset($own[$book])) {
                throw $item->at('book')->fail(MessageCode::WordTwice, ['book' => $book]);
            }
            $own[$book] = self::word($item->at('school'));
        }

        return count($own) <= self::MOST_OWN ? $own : throw $node->fail(MessageCode::TooManyWords, ['most' => self::MOST_OWN]);
    }

    private static function word(Node $node): string
    {
        $word = trim($node->text());
        $isWord = preg_match("/^\\p{L}[\\p{L}\\p{M}\\p{N} ,.()’'\\/-]*$/uD", $word) === 1 && mb_strlen($word) <= self::LONGEST_WORD;

        return $isWord ? $word : throw $node->fail(MessageCode::NotAWord, ['longest' => self::LONGEST_WORD]);
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
            $chosen[$key] = in_array($choice, $choices, true) ? $choice : throw $node->at($key)->noneOf($choice, $choices);
        }

        return $chosen;
    }
}
