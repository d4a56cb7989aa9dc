<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;

/** A class graded under another policy: its final results, or why it cannot be graded by that policy. */
final readonly class TriedClass
{
    /** @param list<TriedResult> $results in the order of stations */
    public function __construct(public Assessment $assessment, public array $results, public ?string $problem) {}
}
