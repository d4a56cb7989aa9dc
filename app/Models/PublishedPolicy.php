<?php

declare(strict_types=1);

namespace App\Models;

/** A published version of a grading policy. */
final class PublishedPolicy extends PublishedDocument
{
    /** The latest version of the policy the school grades by (config grading.policy). */
    public static function inForce(): self
    {
        return self::query()->where('key', config()->string('grading.policy'))->latest('version')->firstOrFail();
    }
}
