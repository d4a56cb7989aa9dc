<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\LotEntry;
use App\Models\LotRow;
use DeftBlade\Core\Lots\LotFactKind;
use Illuminate\Support\Facades\DB;

/** Makes the rows that lists of lots read anew from the facts: also after the school changed how long things keep. */
final readonly class RebuildLots
{
    public function __construct(private LotBooks $books, private ProjectLots $projecting) {}

    /** @return int how many lots there are */
    public function rebuild(): int
    {
        foreach (Assessment::query()->whereIn('id', LotRow::query()->select('assessment_id'))->orderBy('id')->pluck('id') as $assessment) {
            DB::transaction(function () use ($assessment): void {
                $this->books->lock();
                $families = LotRow::query()->where('assessment_id', $assessment)->whereNull('parent_id')->pluck('family_id')->all();
                $this->projecting->project($this->books->of(array_values(array_filter($families, is_string(...)))));
            });
        }
        $ofOwn = LotEntry::query()->whereIn('kind', [LotFactKind::Pot->value, LotFactKind::Need->value])->orderBy('seq')->pluck('id');
        foreach ($ofOwn as $family) {
            DB::transaction(function () use ($family): void {
                $this->books->lock();
                $this->projecting->project($this->books->of(is_string($family) ? [$family] : []));
            });
        }

        return LotRow::query()->count();
    }
}
