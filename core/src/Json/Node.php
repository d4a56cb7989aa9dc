<?php

declare(strict_types=1);

namespace DeftBlade\Core\Json;

use DeftBlade\Core\Message\MessageCode;

/** One place in a JSON document, read strictly: it knows its path, and whatever is wrong there throws InvalidPackage. */
final readonly class Node
{
    private const DEEPEST = 32;

    private const LONGEST_IDENTIFIER = 128;

    private const LONGEST_TEXT = 4000;

    private function __construct(
        private mixed $value,
        private string $step,
        private ?self $parent = null,
        private ?Findings $findings = null,
    ) {}

    /** @throws InvalidPackage when the text is not JSON or nests deeper than any package does */
    public static function decode(string $json): self
    {
        try {
            return new self(json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR), '');
        } catch (\JsonException $problem) {
            throw InvalidPackage::at('', MessageCode::NotJson, ['fault' => match ($problem->getCode()) {
                JSON_ERROR_DEPTH => 'depth',
                JSON_ERROR_UTF8 => 'utf8',
                default => 'syntax',
            }]);
        }
    }

    /** A document decoded elsewhere, objects as stdClass. */
    public static function of(mixed $decoded, string $path = '', ?Findings $findings = null): self
    {
        return new self($decoded, $path, null, $findings);
    }

    /** A mistake that reading can go on after: thrown, unless findings are collected. */
    public function report(InvalidPackage $problem): void
    {
        if ($this->findings === null) {
            throw $problem;
        }
        $this->findings->add($problem);
    }

    /**
     * Reads one thing; where findings are collected, what is wrong inside it is noted and it is left out.
     *
     * @template T
     *
     * @param callable(self): T $read
     *
     * @return T|null null where it could not be read
     */
    public function attempt(callable $read): mixed
    {
        try {
            return $read($this);
        } catch (InvalidPackage $problem) {
            $this->report($problem);

            return null;
        }
    }

    /**
     * Holds the object against the keys it must and may have.
     *
     * @param list<string> $required
     * @param list<string> $optional
     */
    public function keys(array $required, array $optional = []): self
    {
        $object = $this->object();
        foreach (array_keys(get_object_vars($object)) as $key) {
            $key = (string) $key;
            if (! in_array($key, $required, true) && ! in_array($key, $optional, true)) {
                $this->report(InvalidPackage::at($this->under(InvalidPackage::quote($key)), MessageCode::UnknownKey));
            }
        }
        foreach ($required as $key) {
            if (! property_exists($object, $key)) {
                throw InvalidPackage::at($this->under($key), MessageCode::Missing);
            }
        }

        return $this;
    }

    public function at(string $key): self
    {
        $object = $this->object();
        if (! property_exists($object, $key)) {
            throw InvalidPackage::at($this->under($key), MessageCode::Missing);
        }

        return new self($object->{$key}, $key, $this, $this->findings);
    }

    public function has(string $key): bool
    {
        return property_exists($this->object(), $key);
    }

    public function isNull(): bool
    {
        return $this->value === null;
    }

    public function isList(): bool
    {
        return is_array($this->value);
    }

    public function isText(): bool
    {
        return is_string($this->value);
    }

    /** The object itself. */
    public function document(): \stdClass
    {
        return $this->object();
    }

    /** @return list<self> */
    public function items(): array
    {
        if (! is_array($this->value)) {
            throw $this->wants('list');
        }
        $items = [];
        foreach (array_values($this->value) as $index => $item) {
            $items[] = new self($item, "[$index]", $this, $this->findings);
        }

        return $items;
    }

    /** @return list<self> exactly so many */
    public function itemsOfCount(int $count): array
    {
        $items = $this->items();

        return count($items) === $count ? $items : throw $this->fail(MessageCode::NotSoMany, ['is' => count($items), 'count' => $count]);
    }

    /** @return list<self> the items, or none where the key is absent */
    public function itemsOf(string $key): array
    {
        return $this->has($key) ? $this->at($key)->items() : [];
    }

    /** @param int $longest in characters */
    public function text(int $longest = self::LONGEST_TEXT): string
    {
        if (! is_string($this->value)) {
            throw $this->wants('text');
        }

        // No text has more characters than bytes.
        return strlen($this->value) <= $longest || mb_strlen($this->value) <= $longest ? $this->value : throw $this->fail(MessageCode::TooLong, ['longest' => $longest]);
    }

    /** @param MessageCode $otherwise one without figures */
    public function matching(string $pattern, MessageCode $otherwise): string
    {
        return preg_match($pattern, $this->text()) === 1 ? $this->text() : throw $this->fail($otherwise);
    }

    public function textOf(string $key, string $otherwise): string
    {
        return $this->has($key) ? $this->at($key)->text() : $otherwise;
    }

    /** A short name by which other places refer to this one. */
    public function identifier(): string
    {
        $text = $this->text();
        if ($text === '' || strlen($text) > self::LONGEST_IDENTIFIER || preg_match('/[\x00-\x1f\x7f]/', $text) === 1) {
            throw $this->fail(MessageCode::NoIdentifier, ['longest' => self::LONGEST_IDENTIFIER]);
        }

        return $text;
    }

    public function integer(int $least, int $most): int
    {
        $number = $this->number($least, $most);
        if (floor($number) !== $number) {
            throw $this->wants('whole');
        }

        return (int) $number;
    }

    public function number(float $least, float $most): float
    {
        if ((! is_int($this->value) && ! is_float($this->value)) || ! is_finite((float) $this->value)) {
            throw $this->wants('number');
        }
        $number = (float) $this->value;
        if ($number < $least || $number > $most) {
            throw $this->fail(MessageCode::OutOfRange, ['number' => $number, 'least' => $least, 'most' => $most]);
        }

        return $number;
    }

    public function positive(float $most): float
    {
        $number = $this->number(0, $most);

        return $number > 0 ? $number : throw $this->fail(MessageCode::NotPositive);
    }

    public function boolean(): bool
    {
        return is_bool($this->value) ? $this->value : throw $this->wants('boolean');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function oneOf(string $enum): \BackedEnum
    {
        $text = $this->text();

        return $enum::tryFrom($text) ?? throw $this->noneOf($text, array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    /** @param list<string> $choices */
    public function noneOf(string $text, array $choices): InvalidPackage
    {
        return $this->fail(MessageCode::NoneOf, ['text' => InvalidPackage::quote($text), 'choices' => $choices]);
    }

    /** @param array<string, int|float|string|bool|null|list<string>> $figures exactly those of the code */
    public function fail(MessageCode $code, array $figures = []): InvalidPackage
    {
        return InvalidPackage::at($this->path(), $code, $figures);
    }

    private function object(): \stdClass
    {
        return $this->value instanceof \stdClass ? $this->value : throw $this->wants('object');
    }

    /** @param 'list'|'text'|'whole'|'number'|'boolean'|'object' $wanted */
    private function wants(string $wanted): InvalidPackage
    {
        $found = match (true) {
            $this->value === null => 'null',
            is_bool($this->value) => 'boolean',
            is_string($this->value) => 'text',
            is_array($this->value) => 'list',
            $this->value instanceof \stdClass => 'object',
            default => 'number',
        };

        return $this->fail(MessageCode::WrongType, ['wanted' => $wanted, 'found' => $found, 'number' => is_int($this->value) || is_float($this->value) ? $this->value : null]);
    }

    /** Put together only when something is wrong: most nodes are read and forgotten. */
    private function path(): string
    {
        return $this->parent === null ? $this->step : self::joined($this->parent->path(), $this->step);
    }

    private function under(string $key): string
    {
        return self::joined($this->path(), $key);
    }

    private static function joined(string $path, string $step): string
    {
        return $path === '' || str_starts_with($step, '[') ? $path.$step : "$path.$step";
    }
}
