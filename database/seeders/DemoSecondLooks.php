<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A second assessor, a little stricter than the first, at every tray of two practicals: all agreed on but one, and one look not given yet. */
final class DemoSecondLooks extends Seeder
{
    /** Steps from the first level, by how often of twenty. */
    private const STEPS = [-2 => 1, -1 => 5, 0 => 12, 1 => 2];

    /** The station whose two assessors are still to agree on something, at the second practical. */
    private const OPEN_STATION = 3;

    /** The station that the second assessor was asked for and has not looked at, at the first practical. */
    private const ASKED_STATION = 10;

    private User $first;

    private User $second;

    private Randomizer $random;

    public function run(Assessment $trussing, Assessment $trout): void
    {
        $this->first = User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail();
        $this->second = User::query()->where('email', 'teodor@tollgate-quay.example')->firstOrFail();
        $this->random = new Randomizer(new Mt19937(crc32('second looks')));
        foreach ([$trussing, $trout] as $practical) {
            foreach ($practical->attempts()->whereHas('captures', static fn($it) => $it->where('kind', 'level'))->get() as $attempt) {
                $this->lookAt($attempt->setRelation('assessment', $practical), $practical->is($trout) && $attempt->station === self::OPEN_STATION, $practical->is($trussing) && $attempt->station === self::ASKED_STATION);
            }
        }
    }

    private function lookAt(Attempt $attempt, bool $staysOpen, bool $isOnlyAsked): void
    {
        $levels = Capture::query()->where('attempt_id', $attempt->id)->where('kind', 'level')->orderBy('at')->get();
        $at = CarbonImmutable::instance($levels->last()->at ?? now())->addMinutes(5);
        $rows = [$this->row($attempt, $this->first, $at, 'second_look', ['event' => 'asked', 'marker' => $this->second->id])];
        if (! $isOnlyAsked) {
            array_push($rows, ...$this->judged($attempt, $levels, $at, $staysOpen));
        }
        DB::table('captures')->insert($rows);
    }

    /**
     * @param iterable<Capture> $levels of the first look
     *
     * @return list<array<string, mixed>>
     */
    private function judged(Attempt $attempt, iterable $levels, CarbonImmutable $at, bool $staysOpen): array
    {
        $rows = $agreed = [];
        foreach ($levels as $level) {
            $first = is_int($level->payload->level ?? null) ? $level->payload->level : 0;
            $second = max(0, min($first + $this->step(), self::highest($attempt, $level)));
            if ($staysOpen && $first >= 2) {
                [$second, $staysOpen] = [$first - 2, false];
            } elseif (abs($first - $second) > 1) {
                $agreed[] = ['criterion' => $level->payload->criterion ?? '', 'level' => intdiv($first + $second, 2), 'round' => 'agreed', 'reason' => 'Looked at the tray together'];
            }
            $rows[] = $this->row($attempt, $this->second, $at = $at->addSeconds(11), 'level', ['criterion' => $level->payload->criterion ?? '', 'level' => $second, 'round' => 'second']);
        }
        $rows[] = $this->row($attempt, $this->second, $at = $at->addSeconds(20), 'second_look', ['event' => 'finished', 'marker' => $this->second->id]);
        foreach ($agreed as $it) {
            $rows[] = $this->row($attempt, $this->first, $at = $at->addMinute(), 'level', $it);
        }

        return $rows;
    }

    private function step(): int
    {
        $drawn = $this->random->getInt(1, array_sum(self::STEPS));
        foreach (self::STEPS as $step => $often) {
            $drawn -= $often;
            if ($drawn <= 0) {
                return $step;
            }
        }

        return 0;
    }

    private static function highest(Attempt $attempt, Capture $level): int
    {
        foreach ((array) data_get($attempt->assessment->held->document, 'criteria') as $criterion) {
            if (data_get($criterion, 'id') === ($level->payload->criterion ?? '')) {
                return count((array) data_get($criterion, 'levels')) - 1;
            }
        }

        return 0;
    }

    /**
     * @param array<string, mixed> $payload
     *
     * @return array<string, mixed>
     */
    private function row(Attempt $attempt, User $by, CarbonImmutable $at, string $kind, array $payload): array
    {
        $text = $at->format(Capture::AT_FORMAT);

        return ['id' => Uuid::uuid7($at)->toString(), 'attempt_id' => $attempt->id, 'user_id' => $by->id, 'device' => 'Larder tablet 2', 'kind' => $kind, 'at' => $text, 'said_at' => $text, 'received_at' => $text, 'payload' => json_encode($payload, JSON_THROW_ON_ERROR)];
    }
}
