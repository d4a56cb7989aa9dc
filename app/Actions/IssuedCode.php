<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Carbon\CarbonImmutable;

/** A one-time code as it is told once: to print, to read aloud, or mailed. */
final readonly class IssuedCode
{
    public function __construct(public User $person, public string $code, public CarbonImmutable $expiresAt, public bool $isMailed) {}
}
