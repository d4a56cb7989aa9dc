<?php

declare(strict_types=1);

namespace DeftBlade\Core\Sentence;

use DeftBlade\Core\Message\MessageCode;

/** The sentences of one language by their codes, as ICU MessageFormat patterns (messages/en.json and one file a language). */
final readonly class Catalogue
{
    /** @param array<string, string> $patterns by code */
    private function __construct(public string $locale, private array $patterns) {}

    /** The language that ships: English. */
    public static function english(): self
    {
        $patterns = json_decode((string) file_get_contents(__DIR__.'/../../messages/en.json'), true, 8, JSON_THROW_ON_ERROR);

        return self::read('en', $patterns);
    }

    /** @param mixed $patterns decoded from a language's file */
    public static function read(string $locale, mixed $patterns): self
    {
        $read = [];
        foreach (is_array($patterns) ? $patterns : [] as $code => $pattern) {
            $read[(string) $code] = is_string($pattern) ? $pattern : throw new \UnexpectedValueException("$locale: $code is no text");
        }

        return new self($locale, $read);
    }

    /** What a key of a document is called; a key without a label is its own. */
    public function label(string $key): string
    {
        return $this->patterns["label.$key"] ?? str_replace(['-', '_'], ' ', $key);
    }

    /** @throws \OutOfBoundsException where the language has no sentence for a code */
    public function pattern(MessageCode $code): string
    {
        return $this->patterns[$code->value] ?? throw new \OutOfBoundsException("{$this->locale} has no sentence for {$code->value}");
    }
}
