<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use DeftBlade\Core\Grading\Grade;
use DeftBlade\Core\Grading\TwoLooks;

/** What one attempt would get under another policy, beside what it has. */
final readonly class TriedResult
{
    private function __construct(public Attempt $attempt, public ?float $total, public ?string $band, public ?TwoLooks $looks) {}

    /** @param TwoLooks|null $looks how both assessors would have totalled it; null where one looked, or nobody asks */
    public static function of(Attempt $attempt, Grade $grade, ?TwoLooks $looks = null): self
    {
        return new self($attempt, $grade->total, $grade->band?->label, $looks);
    }

    public function changesTotal(): bool
    {
        return $this->total !== $this->attempt->row->total;
    }

    public function changesBand(): bool
    {
        return $this->band !== $this->attempt->row->band;
    }
}
