<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use DeftBlade\Core\Trends\Measure;

/** One class among the others by its standard. */
final readonly class ClassPoint
{
    /**
     * @param Assessment                $assessment with its group and what it was held against
     * @param int                       $trays      that were weighed or judged
     * @param array<string, float|null> $means      over its trays, by measure; null where none of them says it
     */
    public function __construct(public Assessment $assessment, public int $trays, private array $means) {}

    public function mean(Measure $measure): ?float
    {
        return $this->means[$measure->value] ?? null;
    }
}
