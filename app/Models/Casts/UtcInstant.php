<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A timestamp with time zone as an instant in UTC, to the millisecond. A class holds a thousand of them and every look at it reads them all, so they
 * are read without a calendar library.
 *
 * @implements CastsAttributes<\DateTimeImmutable, \DateTimeInterface|string>
 */
final readonly class UtcInstant implements CastsAttributes
{
    private const STORED = 'Y-m-d H:i:s.vP';

    public static function of(\DateTimeInterface|string $instant): \DateTimeImmutable
    {
        $read = is_string($instant) ? new \DateTimeImmutable($instant) : \DateTimeImmutable::createFromInterface($instant);

        return $read->getOffset() === 0 ? $read : $read->setTimezone(new \DateTimeZone('UTC'));
    }

    public function get(Model $model, string $key, mixed $value, array $attributes): \DateTimeImmutable
    {
        return self::of(is_string($value) ? $value : throw new \UnexpectedValueException("$key holds no instant"));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return self::of($value instanceof \DateTimeInterface || is_string($value) ? $value : throw new \UnexpectedValueException("$key is no instant"))->format(self::STORED);
    }
}
