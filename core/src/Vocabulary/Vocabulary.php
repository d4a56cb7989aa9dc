<?php

declare(strict_types=1);

namespace DeftBlade\Core\Vocabulary;

use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\MassUnit;

/**
 * Says in the words and units of a school what a document marks: `{first-bone breast}` is a word of the vocabulary, `{85–115 g}` a mass
 * (docs/formats/words.md). Nothing that is not marked is changed.
 */
final readonly class Vocabulary
{
    private const MARK = '/\{(?! )([^{}]{1,80})(?<! )\}/u';

    private const MASS = '/^(\d+(?:\.\d+)?)(?:( to |–| ± )(\d+(?:\.\d+)?))? (k?g)$/uD';

    /**
     * @param array<string, string> $instead the school's words by the book's, in lower case
     * @param string                $words   a pattern of the book's words that have another; empty for none
     */
    private function __construct(private array $instead, private string $words, public Units $units) {}

    /** @param array<string, string> $instead the school's words by the book's */
    public static function of(array $instead, Units $units): self
    {
        $lower = [];
        foreach ($instead as $book => $said) {
            $lower[mb_strtolower((string) $book)] = $said;
        }

        $words = array_map(strval(...), array_keys($lower));
        usort($words, static fn(string $one, string $other): int => mb_strlen($other) <=> mb_strlen($one));
        $either = implode('|', array_map(static fn(string $it): string => preg_quote($it, '/'), $words));

        return new self($lower, $lower === [] ? '' : "/(?<![\\w-])(?:$either)(?![\\w-])/iu", $units);
    }

    /** The book's own words, in grams. */
    public static function plain(): self
    {
        return new self([], '', Units::Metric);
    }

    public function say(string $text): string
    {
        return (string) preg_replace_callback(self::MARK, fn(array $found): string => $this->marked($found[1]), $text);
    }

    /** The same JSON with every mark said. Keys are never touched. */
    public function speak(mixed $json): mixed
    {
        return match (true) {
            is_string($json) => $this->say($json),
            is_array($json) => array_map($this->speak(...), $json),
            $json instanceof \stdClass => (object) array_map($this->speak(...), get_object_vars($json)),
            default => $json,
        };
    }

    public function document(\stdClass $document): \stdClass
    {
        return (object) array_map($this->speak(...), get_object_vars($document));
    }

    /**
     * What the school says otherwise than the text is written.
     *
     * @return array<string, string> the school's texts by those of the JSON
     */
    public function otherwise(mixed $json): array
    {
        return iterator_to_array(self::differences($json, $this->speak($json)));
    }

    /** @return \Generator<string, string> */
    private static function differences(mixed $written, mixed $said): \Generator
    {
        if (is_string($written) && is_string($said)) {
            if ($written !== $said) {
                yield $written => $said;
            }

            return;
        }
        foreach (is_object($written) || is_array($written) ? (array) $written : [] as $key => $item) {
            yield from self::differences($item, ((array) $said)[$key] ?? null);
        }
    }

    private function marked(string $inside): string
    {
        if (preg_match(self::MASS, $inside, $found) === 1) {
            return $this->masses($found);
        }

        return $this->words === '' ? $inside : (string) preg_replace_callback($this->words, fn(array $found): string => $this->instead($found[0]), $inside);
    }

    private function instead(string $found): string
    {
        $said = $this->instead[mb_strtolower($found)] ?? $found;
        $first = mb_substr($found, 0, 1);

        return mb_strtolower($first) === $first ? $said : mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1);
    }

    /** @param array<string> $found */
    private function masses(array $found): string
    {
        if ($this->units === Units::Metric) {
            return $found[0];
        }
        $unit = MassUnit::from($found[4] ?? '');
        $mass = fn(string $figure): string => $this->units->mass(Mass::of((float) $figure, $unit));

        return $mass($found[1]).(($found[3] ?? '') === '' ? '' : ($found[2] ?? '').$mass($found[3]));
    }
}
