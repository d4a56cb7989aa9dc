<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\MakeStandardisingSet;
use App\Actions\Standardise;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\StandardisingSet;
use App\Models\StandardisingStep;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A set of three trays that three people judged alone, opened, with a reference for the first tray. */
final class DemoStandardising extends Seeder
{
    private const STATIONS = [2, 5, 8];

    private const PEOPLE = ['marit' => 0, 'teodor' => -1, 'ilse' => 1];

    public function run(MakeStandardisingSet $making, Standardise $taking, Assessment $skewers): void
    {
        $attempts = Attempt::query()->where('assessment_id', $skewers->id)->whereHas('row', static fn($row) => $row->whereIn('station', self::STATIONS))->get()->sortBy('row.station')->values();
        $lead = User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail();
        $set = $making->make((string) Str::uuid7(), 'Skewer set, before the exam', array_map(static fn(Attempt $it): string => $it->id, array_values($attempts->all())), $lead);
        $random = new Randomizer(new Mt19937(crc32('standardising')));
        foreach (self::PEOPLE as $account => $leaning) {
            $person = User::query()->where('email', "$account@tollgate-quay.example")->firstOrFail();
            foreach ($attempts as $index => $attempt) {
                $this->judge($taking, $set, chr(ord('A') + $index), $attempt, $person, $leaning, $random);
            }
            $taking->take($set, (string) Str::uuid7(), StandardisingStep::Finished, [], $person);
        }
        $taking->take($set, (string) Str::uuid7(), StandardisingStep::Opened, [], $lead);
        foreach (Capture::query()->where('attempt_id', $attempts[0]->id ?? '')->where('kind', 'level')->limit(4)->get() as $level) {
            $taking->take($set, (string) Str::uuid7(), StandardisingStep::Reference, ['tray' => 'A', 'criterion' => $level->payload->criterion ?? '', 'level' => $level->payload->level ?? 0, 'reason' => 'As the descriptor says, word by word'], $lead);
        }
    }

    private function judge(Standardise $taking, StandardisingSet $set, string $tray, Attempt $attempt, User $person, int $leaning, Randomizer $random): void
    {
        $highest = [];
        foreach ((array) data_get($set->document, 'standard.criteria') as $criterion) {
            $id = data_get($criterion, 'id');
            $highest[is_string($id) ? $id : ''] = count((array) data_get($criterion, 'levels')) - 1;
        }
        foreach (Capture::query()->where('attempt_id', $attempt->id)->where('kind', 'level')->get() as $level) {
            $criterion = is_string($level->payload->criterion ?? null) ? $level->payload->criterion : '';
            $given = (is_int($level->payload->level ?? null) ? $level->payload->level : 0) + ($random->getInt(1, 3) === 1 ? $leaning : 0);
            $taking->take($set, (string) Str::uuid7(), StandardisingStep::Level, ['tray' => $tray, 'criterion' => $criterion, 'level' => max(0, min($given, $highest[$criterion] ?? 0))], $person);
        }
    }
}
