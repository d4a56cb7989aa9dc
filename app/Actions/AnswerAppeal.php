<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Appeal;
use App\Models\AppealEntry;
use App\Models\AppealOutcome;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Gives an appeal to somebody who marked in neither round, and takes down what they decide of each line. */
final readonly class AnswerAppeal
{
    /** @throws Conflict where the person marked this tray or may not mark, or the id is taken */
    public function assign(Appeal $appeal, string $id, User $person, User $by): void
    {
        $row = $appeal->attempt->row;
        $markers = [...$row->judged_by, ...$row->second_open, ...$row->second_finished];
        if ($person->left_at !== null || ! $person->role->isStaff() || in_array($person->id, $markers, true)) {
            throw Conflict::markedIt($person->name);
        }
        $this->keep($appeal, $id, AppealEntry::ASSIGNED, ['person' => $person->id], $by);
    }

    /** @throws Conflict where somebody else is to decide it, or the id is taken */
    public function decide(Appeal $appeal, string $id, int $line, AppealOutcome $outcome, string $reason, User $by): void
    {
        if ($appeal->assignee() !== $by->id) {
            throw Conflict::notTheirAppeal();
        }
        $this->keep($appeal, $id, AppealEntry::DECIDED, ['line' => $line, 'outcome' => $outcome->value, 'reason' => $reason], $by);
    }

    /** @param array<string, mixed> $payload */
    private function keep(Appeal $appeal, string $id, string $kind, array $payload, User $by): void
    {
        DB::transaction(static function () use ($appeal, $id, $kind, $payload, $by): void {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["appeal entry $id"]);
            $earlier = AppealEntry::query()->find($id);
            if ($earlier !== null) {
                if ([$earlier->appeal_id, $earlier->kind, $earlier->by] !== [$appeal->id, $kind, $by->id] || (array) $earlier->payload != $payload) {
                    throw Conflict::entryIdTaken($id);
                }

                return;
            }
            AppealEntry::query()->create(['id' => $id, 'appeal_id' => $appeal->id, 'kind' => $kind, 'payload' => (object) $payload, 'by' => $by->id, 'at' => CarbonImmutable::now()]);
        });
        $appeal->load('entries');
    }
}
