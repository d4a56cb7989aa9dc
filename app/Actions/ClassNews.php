<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Capture;

/** What was taken down in a class since a cursor, with the attempts it is of as they stand. */
final readonly class ClassNews
{
    /**
     * @param list<Capture> $captures in order of acceptance
     * @param list<Attempt> $attempts
     */
    public function __construct(public array $captures, public array $attempts, public ?GradedClass $class, public int $next) {}
}
