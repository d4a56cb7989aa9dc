<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\StandardisingEntry;
use App\Models\StandardisingSet;
use App\Models\StandardisingStep;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Takes down what is judged in a standardising set: each alone until it is opened, then a reference by the lead. */
final readonly class Standardise
{
    /**
     * @param array<string, mixed> $payload tray, criterion, level; reason; shown
     *
     * @throws Conflict where it comes at the wrong time, or the id is taken
     */
    public function take(StandardisingSet $set, string $id, StandardisingStep $step, array $payload, User $by): void
    {
        DB::transaction(static function () use ($set, $id, $step, $payload, $by): void {
            StandardisingSet::query()->whereKey($set->id)->lockForUpdate()->firstOrFail();
            $earlier = StandardisingEntry::query()->find($id);
            if ($earlier !== null) {
                if ([$earlier->standardising_set_id, $earlier->kind, $earlier->by] !== [$set->id, $step, $by->id] || (array) $earlier->payload != $payload) {
                    throw Conflict::entryIdTaken($id);
                }

                return;
            }
            self::refuseAtTheWrongTime($set->load('entries'), $step, $by);
            StandardisingEntry::query()->create(['id' => $id, 'standardising_set_id' => $set->id, 'kind' => $step, 'payload' => (object) $payload, 'by' => $by->id, 'at' => CarbonImmutable::now()]);
        });
        $set->load('entries.author');
    }

    private static function refuseAtTheWrongTime(StandardisingSet $set, StandardisingStep $step, User $by): void
    {
        $isJudged = $set->entries->contains(static fn(StandardisingEntry $it): bool => $it->kind === StandardisingStep::Level && $it->by === $by->id);
        match (true) {
            $step->isOfTheLead() && ! $set->isOpen() => throw Conflict::setNotOpen(),
            ! $step->isOfTheLead() && $set->isOpen() => throw Conflict::setIsOpen(),
            $step === StandardisingStep::Level && $set->isFinishedBy($by->id) => throw Conflict::setFinished(),
            $step === StandardisingStep::Finished && ! $isJudged => throw Conflict::setNotJudged(),
            default => null,
        };
    }
}
