<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Capture;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\LotWeight;
use App\Models\PotRow;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\TakenAt;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\Drawn;
use DeftBlade\Core\Lots\LaidOut;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotFact;
use DeftBlade\Core\Lots\LotFactReader;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotWithdrawal;
use DeftBlade\Core\Lots\Moved;
use DeftBlade\Core\Lots\PotStarted;
use DeftBlade\Core\Lots\PotStepped;
use DeftBlade\Core\Lots\PutAway;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Lots\TakenWeight;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes facts about lots down: all of a request or none of it, each id once. */
final class RecordLots
{
    private const COMMON = ['id', 'at', 'by', 'kind'];

    /** @var array<string, LotBook> by family */
    private array $books = [];

    /** @var array<string, string> the family by id of a fact of this request */
    private array $families = [];

    /** @var array<string, array{Tables, list<TakenWeight>}> by assessment */
    private array $tables = [];

    /** @var list<array<string, mixed>> */
    private array $weights = [];

    private ?LotKitchen $kitchen = null;

    public function __construct(private readonly ReadTables $reading, private readonly ProjectLots $projecting, private readonly LotBooks $stored, private readonly PotContents $moves) {}

    /**
     * @param list<\stdClass> $sent as the device made them: id, at, kind and what the kind says
     *
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
            $this->forget();
            $known = LotEntry::query()->findMany(array_map(static fn(array $it): string => $it[0]->id, $facts))->keyBy('id');
            $rows = [];
            $last = self::lastOf($device);
            $now = CarbonImmutable::now();
            foreach ($facts as [$fact, $node]) {
                $row = ['id' => $fact->id, 'kind' => $node->at('kind')->text(), 'payload' => array_diff_key((array) $node->document(), array_flip(self::COMMON)), 'user_id' => $user->id];
                $earlier = $known[$fact->id] ?? null;
                if ($earlier !== null) {
                    $this->families[$fact->id] = self::isSame($earlier, $row, $fact->at) ? $earlier->family_id : throw Conflict::entryIdTaken($fact->id);

                    continue;
                }
                $last = TakenAt::of($fact->at, (int) $now->getPreciseTimestamp(3), $last);
                $rows[] = [
                    'family_id' => $this->add($fact, $node),
                    'payload' => json_encode((object) $row['payload'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                    'at' => self::stored(CarbonImmutable::createFromTimestampMsUTC($last)),
                    'said_at' => self::stored(CarbonImmutable::createFromTimestampMsUTC($fact->at)),
                    'device' => $device,
                    'offset_ms' => $offsetMs,
                    'received_at' => self::stored($now),
                ] + $row;
            }
            LotEntry::query()->insert($rows);
            $this->projecting->project($this->books);
            LotWeight::query()->insert($this->weights);

            return array_values(array_unique($this->families));
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

    /** @return string the family it belongs to */
    private function add(LotFact $fact, Node $node): string
    {
        $isFirst = $fact instanceof PutAway || $fact instanceof PotStarted;
        $family = $isFirst ? $fact->id : $this->familyOf($fact, $node);
        // What a fact makes has no facts before it.
        $book = $this->books[$family] ??= $isFirst ? LotBook::of([]) : $this->stored->of([$family])[$family];
        $this->books[$family] = $book->with($fact, $node);
        $this->families[$fact->id] = $family;
        if ($fact instanceof PutAway) {
            $this->putAway($fact, $node);
        }
        if ($fact instanceof Moved) {
            ($this->kitchen ??= $this->reading->kitchen())->check($fact, $book->lots[$fact->lot]->origin->product, $node);
        }
        if ($fact instanceof PotStarted) {
            $this->moves->check($fact, $node, $this->books);
        }
        if ($fact instanceof LotWithdrawal && $book->facts[$fact->target] instanceof Moved) {
            $this->moves->checkFree($fact->target, $node, $this->books);
        }
        if ($fact instanceof LotWithdrawal && $book->facts[$fact->target] instanceof PutAway) {
            $this->layOut($fact->target, $book->facts[$fact->target]);
        }

        return $family;
    }

    private function familyOf(LotFact $fact, Node $node): string
    {
        $about = $fact->about();
        $family = $this->families[$about] ?? (Str::isUuid($about) ? ($fact instanceof LotWithdrawal ? LotEntry::query()->find($about)?->family_id : self::familyOfRow($fact, $about)) : null);

        return $family ?? throw match (true) {
            $fact instanceof LotWithdrawal => $node->at('target')->fail(MessageCode::NoSuchEntry),
            $fact instanceof PotStepped, $fact instanceof Drawn => $node->at('pot')->fail(MessageCode::NoSuchPot),
            default => $node->at('lot')->fail(MessageCode::NoSuchLot),
        };
    }

    private static function familyOfRow(LotFact $fact, string $about): ?string
    {
        return $fact instanceof PotStepped || $fact instanceof Drawn ? PotRow::query()->find($about)?->id : LotRow::query()->find($about)?->family_id;
    }

    private function putAway(PutAway $fact, Node $node): void
    {
        [$tables, $taken] = $this->tablesOf($fact->assessment, $node);
        foreach ($tables->check($fact, $node, $taken) as $weight) {
            $taken[] = new TakenWeight($fact->id, $weight->capture, $weight->attempt, $weight->slot, $weight->massMg);
            $this->weights[] = self::weight($fact->id, $weight);
        }
        $this->tables[$fact->assessment] = [$tables, $taken];
    }

    /** What a lot took that is taken back lies on the tables again. */
    private function layOut(string $lot, PutAway $fact): void
    {
        LotWeight::query()->where('lot_id', $lot)->delete();
        $this->weights = array_values(array_filter($this->weights, static fn(array $it): bool => $it['lot_id'] !== $lot));
        if (isset($this->tables[$fact->assessment])) {
            [$tables, $taken] = $this->tables[$fact->assessment];
            $this->tables[$fact->assessment] = [$tables, array_values(array_filter($taken, static fn(TakenWeight $it): bool => $it->lot !== $lot))];
        }
    }

    /** @return array{Tables, list<TakenWeight>} */
    private function tablesOf(string $assessment, Node $node): array
    {
        if (isset($this->tables[$assessment])) {
            return $this->tables[$assessment];
        }
        $found = Str::isUuid($assessment) ? Assessment::query()->find($assessment) : null;
        $found ?? throw $node->at('assessment')->fail(MessageCode::NoSuchPractical);

        return $this->tables[$assessment] = [$this->reading->weightsOf($found), LotWeight::of($found)];
    }

    /** @return array<string, mixed> */
    private static function weight(string $lot, LaidOut $weight): array
    {
        return ['lot_id' => $lot, 'attempt_id' => $weight->attempt, 'slot' => $weight->slot, 'capture_id' => $weight->capture, 'mass_mg' => $weight->massMg];
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

    private function forget(): void
    {
        [$this->books, $this->families, $this->tables, $this->weights] = [[], [], [], []];
    }
}
