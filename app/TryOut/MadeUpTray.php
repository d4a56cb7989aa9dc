<?php

declare(strict_types=1);

namespace App\TryOut;

use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Takes down what a made-up student did, capture by capture, as an instructor would have. */
final class MadeUpTray
{
    private const DEVICE = 'Larder tablet 1';

    private readonly Randomizer $random;

    private readonly CarcassDraw $carcass;

    /** @var list<array{id: string, kind: string, at: string, payload: array<string, mixed>}> */
    private array $rows = [];

    private CarbonImmutable $now;

    public function __construct(
        private readonly Standard $standard,
        private readonly Mass $asPurchased,
        private readonly MadeUpHand $hand,
        string $seed,
        CarbonImmutable $from,
    ) {
        $this->random = new Randomizer(new Mt19937(crc32("hand $seed")));
        $this->carcass = CarcassDraw::of($standard, $asPurchased, $seed, $hand->care);
        $this->now = $from;
    }

    public function receive(string ...$defects): self
    {
        return $this->take('received', 40, ['mass_mg' => $this->asPurchased->mg, 'defects' => $defects]);
    }

    public function cut(): self
    {
        $this->take('clock', 300, ['event' => 'start']);
        $before = 20 * count($this->hand->faults);
        foreach ($this->standard->checkpoints as $checkpoint) {
            $split = (int) (($checkpoint->time->standardMs ?? 300_000) / 1000 * (1.4 - 0.5 * $this->hand->skill));
            $this->take('checkpoint', $split, ['checkpoint' => $checkpoint->id]);
            $before += $split;
        }
        foreach ($this->hand->faults as $fault) {
            $this->take('fault', 20, ['fault' => $fault]);
        }

        return $this->take('clock', max(1, $this->hand->seconds - $before), ['event' => 'stop']);
    }

    /** @param array<string, int> $instead grams read for a place instead of its own weight */
    public function weigh(array $instead = []): self
    {
        foreach ($this->standard->cuts->pieces as $piece) {
            if ($piece->portions?->measure !== null) {
                $this->weighPortions($piece->id, $piece->portions->count);

                continue;
            }
            $this->take('piece', 9, ['piece' => $piece->id, 'mass_mg' => 1000 * ($instead[$piece->id] ?? 0) ?: $this->massOf($piece->id)]);
        }
        foreach ($this->standard->cuts->bins as $bin) {
            $this->take('bin', 14, ['bin' => $bin->id, 'mass_mg' => $this->massOf($bin->id)]);
        }

        return $this->standard->frame === null ? $this : $this->take('scrape', 45, ['mass_mg' => $this->massOf('scrape')]);
    }

    private function weighPortions(string $set, int $count): void
    {
        foreach (range(1, $count) as $portion) {
            $this->take('portion', 4, ['piece' => $set, 'portion' => $portion, 'mass_mg' => $this->massOf("$set:$portion")]);
        }
    }

    public function inspect(): self
    {
        foreach ($this->standard->criteria as $criterion) {
            $highest = count($criterion->levels) - 1;
            $level = (int) round($highest * $this->hand->skill + $this->random->getInt(-60, 60) / 100);
            $this->take('level', 12, ['criterion' => $criterion->id, 'level' => max(0, min($highest, $level))]);
        }

        return $this;
    }

    public function note(string $text): self
    {
        return $this->take('note', 15, ['text' => $text]);
    }

    public function massOf(string $place): int
    {
        return $this->carcass->massOf($place)->mg;
    }

    public function store(Attempt $attempt, User $by): void
    {
        DB::table('captures')->insert(array_map(static fn(array $row): array => [
            'attempt_id' => $attempt->id,
            'user_id' => $by->id,
            'device' => self::DEVICE,
            'said_at' => $row['at'],
            'received_at' => $row['at'],
            'payload' => json_encode($row['payload'], JSON_THROW_ON_ERROR),
        ] + $row, $this->rows));
    }

    /** @return list<\stdClass> as they stand in a package */
    public function captures(): array
    {
        return array_map(static fn(array $row): \stdClass => (object) (['id' => $row['id'], 'at' => $row['at'], 'by' => self::DEVICE, 'kind' => $row['kind']] + $row['payload']), $this->rows);
    }

    /** @param array<string, mixed> $payload */
    private function take(string $kind, int $secondsLater, array $payload): self
    {
        $this->now = $this->now->addSeconds($secondsLater)->addMilliseconds($this->random->getInt(0, 999));
        $this->rows[] = ['id' => Uuid::uuid7($this->now)->toString(), 'kind' => $kind, 'at' => $this->now->format(Capture::AT_FORMAT), 'payload' => $payload];

        return $this;
    }
}
