<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Capture\GivenLevels;
use DeftBlade\Core\Practice\Improvement;
use DeftBlade\Core\Practice\Regrade;

/** What follows from a sealed result once it was graded again with one thing better, thing by thing. */
final readonly class RegradedTry
{
    /**
     * @param list<Improvement>  $improvements
     * @param array<string, int> $levels       that hold of those assessors gave, by criterion
     */
    private function __construct(public array $improvements, public array $levels, public float $timeFactor) {}

    public static function of(Regrade $regrade): self
    {
        $attempt = $regrade->result->attempt;

        return new self($regrade->improvements(), array_filter(array_map(static fn(GivenLevels $it): ?int => $it->agreed ?? $it->first ?? $it->second, $attempt->log->judged->levels), is_int(...)), $attempt->timeFactor);
    }
}
