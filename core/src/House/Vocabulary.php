<?php

declare(strict_types=1);

namespace DeftBlade\Core\House;

use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\MassUnit;

/** Says in the words and units of the house what the book says in its own. Keys are never touched: only what is read as text is. */
final readonly class Vocabulary
{
    /** Keys of a document or an answer under which text for people stands. */
    private const TEXTS = ['title', 'text', 'do', 'look', 'hand', 'fault', 'caution', 'question', 'practical', 'standing', 'label', 'scrape_title'];

    /** Keys under which every text, at any depth, is for people. */
    private const ALL_BELOW = ['cautions', 'advice', 'uses', 'joints', 'praise'];

    /** What a device sent stands as it was sent. */
    private const LEFT_ALONE = ['capture'];

    private const GRAMS = '/(?<![\w.])(\d+(?:\.\d+)?)(?:( to |–| ± )(\d+(?:\.\d+)?))? (k?g)\b/u';

    /** @param array<string, string> $instead the house's words by the book's, in lower case */
    private function __construct(private array $instead, private string $pattern, private Units $units) {}

    /** @param array<string, string> $instead the house's words by the book's */
    public static function of(array $instead, Units $units): self
    {
        $words = array_map(strval(...), array_keys($instead));
        usort($words, static fn(string $one, string $other): int => strlen($other) <=> strlen($one));
        $either = implode('|', array_map(static fn(string $it): string => preg_quote($it, '/'), $words));

        $lower = [];
        foreach ($instead as $book => $house) {
            $lower[mb_strtolower($book)] = $house;
        }

        // A word within an identifier, such as breast.left or chicken-eight-piece, is no word.
        return new self($lower, "/(?<![\\w.-])(?:$either)(?![\\w-])(?!\\.\\w)/iu", $units);
    }

    /** It says what the book says. */
    public function isPlain(): bool
    {
        return $this->instead === [] && $this->units === Units::Metric;
    }

    public function say(string $text): string
    {
        $said = $this->instead === [] ? $text : (string) preg_replace_callback($this->pattern, fn(array $found): string => $this->instead($found[0]), $text);

        return $this->units === Units::Metric ? $said : (string) preg_replace_callback(self::GRAMS, $this->massesIn(...), $said);
    }

    /** The same JSON with every text for people said in the words of the house. */
    public function speak(mixed $json): mixed
    {
        return $this->isPlain() ? $json : $this->spoken($json, isText: false);
    }

    /**
     * What the house says otherwise than this JSON does.
     *
     * @return array<string, string> the house's texts by those of the JSON
     */
    public function otherwise(mixed $json): array
    {
        return iterator_to_array(self::differences($json, $this->speak($json)));
    }

    /** @return \Generator<string, string> */
    private static function differences(mixed $book, mixed $house): \Generator
    {
        if (is_string($book) && is_string($house)) {
            if ($book !== $house) {
                yield $book => $house;
            }

            return;
        }
        foreach (is_object($book) || is_array($book) ? (array) $book : [] as $key => $item) {
            yield from self::differences($item, ((array) $house)[$key] ?? null);
        }
    }

    private function spoken(mixed $json, bool $isText): mixed
    {
        if (is_string($json)) {
            return $isText ? $this->say($json) : $json;
        }
        if (is_array($json)) {
            return array_map(fn(mixed $item): mixed => $this->spoken($item, $isText), $json);
        }
        if (! $json instanceof \stdClass) {
            return $json;
        }
        $said = [];
        foreach (get_object_vars($json) as $key => $value) {
            $said[$key] = in_array($key, self::LEFT_ALONE, true) ? $value : match (true) {
                is_string($value) => $isText || in_array($key, self::TEXTS, true) ? $this->say($value) : $value,
                default => $this->spoken($value, $isText || in_array($key, self::ALL_BELOW, true)),
            };
        }

        return (object) $said;
    }

    private function instead(string $found): string
    {
        $words = $this->instead[mb_strtolower($found)] ?? $found;
        $first = mb_substr($found, 0, 1);

        return mb_strtolower($first) === $first ? $words : mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /** @param array<string> $found */
    private function massesIn(array $found): string
    {
        $unit = MassUnit::from($found[4] ?? '');
        $mass = fn(string $figure): string => $this->units->mass(Mass::of((float) $figure, $unit));

        return $mass($found[1]).(($found[3] ?? '') === '' ? '' : ($found[2] ?? '').$mass($found[3]));
    }
}
