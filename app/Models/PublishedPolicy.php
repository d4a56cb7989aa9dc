<?php

declare(strict_types=1);

namespace App\Models;

/** A published version of a grading policy. */
final class PublishedPolicy extends PublishedDocument
{
    /** The latest version of the policy the school grades by (config grading.policy). */
    public static function inForce(): self
    {
        return self::query()->where('key', self::key())->latest('version')->firstOrFail();
    }

    public static function key(): string
    {
        return config()->string('grading.policy');
    }
}
