<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Capture;
use App\Models\LotEntry;
use App\Models\LotWeight;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\TakenAt;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\LotFact;
use DeftBlade\Core\Lots\LotFactReader;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes facts about lots down: all of a request or none of it, each id once. */
final readonly class RecordLots
{
    private const COMMON = ['id', 'at', 'by', 'kind'];

    public function __construct(private ReadTables $reading, private ProjectLots $projecting, private LotBooks $stored, private PotContents $moves) {}

    /**
     * @param list<\stdClass> $sent as the device made them: id, at, kind and what the kind says
     *
     * @throws InvalidPackage where a fact is not right, or does not fit those before it
     * @throws Conflict       where an id is taken by another fact
     * @return list<string>   the families that were touched
     */
    public function record(array $sent, User $user, string $device, int $offsetMs = 0): array
    {
        $facts = $this->read($sent, $user);

        return DB::transaction(function () use ($facts, $user, $device, $offsetMs): array {
            $this->stored->lock();
            $batch = new LotBatch($this->reading, $this->stored, $this->moves);
            $known = LotEntry::query()->findMany(array_map(static fn(array $it): string => $it[0]->id, $facts))->keyBy('id');
            $rows = [];
            $last = self::lastOf($device);
            $now = CarbonImmutable::now();
            foreach ($facts as [$fact, $node]) {
                $row = ['id' => $fact->id, 'kind' => $node->at('kind')->text(), 'payload' => array_diff_key((array) $node->document(), array_flip(self::COMMON)), 'user_id' => $user->id];
                $earlier = $known[$fact->id] ?? null;
                if ($earlier !== null) {
                    $batch->know($fact->id, self::isSame($earlier, $row, $fact->at) ? $earlier->family_id : throw Conflict::entryIdTaken($fact->id));

                    continue;
                }
                $last = TakenAt::of($fact->at, (int) $now->getPreciseTimestamp(3), $last);
                $rows[] = [
                    'family_id' => $batch->add($fact, $node),
                    'payload' => json_encode((object) $row['payload'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                    'at' => self::stored(CarbonImmutable::createFromTimestampMsUTC($last)),
                    'said_at' => self::stored(CarbonImmutable::createFromTimestampMsUTC($fact->at)),
                    'device' => $device,
                    'offset_ms' => $offsetMs,
                    'received_at' => self::stored($now),
                ] + $row;
            }
            LotEntry::query()->insert($rows);
            $this->projecting->project($batch->books());
            LotWeight::query()->insert($batch->weights());

            return $batch->families();
        });
    }

    /**
     * @param list<\stdClass> $sent
     *
     * @return list<array{LotFact, Node}>
     */
    private function read(array $sent, User $user): array
    {
        $facts = [];
        foreach ($sent as $index => $fact) {
            $fact->by = $user->id;
            $node = Node::of($fact, "facts[$index]");
            if (! Str::isUuid($node->at('id')->text(), 7)) {
                throw $node->at('id')->fail(MessageCode::NotUuid7);
            }
            $fact->id = mb_strtolower($node->at('id')->text());
            $facts[] = [LotFactReader::read($node), $node];
        }

        return $facts;
    }

    /** @param array<string, mixed> $row */
    private static function isSame(LotEntry $earlier, array $row, int $said): bool
    {
        return $earlier->user_id === $row['user_id'] && $earlier->kind === $row['kind'] && (array) $earlier->payload == $row['payload'] && (int) $earlier->said_at->format('Uv') === $said;
    }

    private static function lastOf(string $device): ?int
    {
        $last = LotEntry::query()->where('device', $device)->latest('seq')->first();

        return $last === null ? null : (int) $last->at->format('Uv');
    }

    private static function stored(CarbonImmutable $instant): string
    {
        return $instant->utc()->format(Capture::AT_FORMAT);
    }
}
