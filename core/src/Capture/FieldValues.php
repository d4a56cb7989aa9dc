<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** What a fact says, read by its fields. */
final readonly class FieldValues
{
    /** @param array<string, mixed> $values by key; an optional one that was left out is not there */
    public function __construct(private array $values) {}

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    public function mass(string $key): Mass
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof Mass ? $value : throw self::mismatch($key);
    }

    public function day(string $key): \DateTimeImmutable
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof \DateTimeImmutable ? $value : throw self::mismatch($key);
    }

    public function text(string $key): string
    {
        return $this->optionalText($key) ?? throw self::mismatch($key);
    }

    public function optionalText(string $key): ?string
    {
        $value = $this->values[$key] ?? null;

        return $value === null || is_string($value) ? $value : throw self::mismatch($key);
    }

    /** @return list<string> none where the key was left out */
    public function texts(string $key): array
    {
        $value = $this->values[$key] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : throw self::mismatch($key);
    }

    public function integer(string $key): int
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) ? $value : throw self::mismatch($key);
    }

    public function number(string $key): float
    {
        $value = $this->values[$key] ?? null;

        return is_float($value) ? $value : throw self::mismatch($key);
    }

    public function optionalNumber(string $key): ?float
    {
        return isset($this->values[$key]) ? $this->number($key) : null;
    }

    public function flag(string $key): bool
    {
        $value = $this->values[$key] ?? null;

        return is_bool($value) ? $value : throw self::mismatch($key);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function choice(string $key, string $enum): \BackedEnum
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof $enum ? $value : throw self::mismatch($key);
    }

    private static function mismatch(string $key): \LogicException
    {
        return new \LogicException("a fact was read by other fields than it asks for: $key");
    }
}
