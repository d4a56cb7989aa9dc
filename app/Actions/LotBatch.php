<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\LotWeight;
use App\Models\NeedRow;
use App\Models\PotRow;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\Drawn;
use DeftBlade\Core\Lots\LaidOut;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotFact;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotWithdrawal;
use DeftBlade\Core\Lots\Moved;
use DeftBlade\Core\Lots\NeedAsked;
use DeftBlade\Core\Lots\PotStarted;
use DeftBlade\Core\Lots\PotStepped;
use DeftBlade\Core\Lots\PutAway;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Lots\TakenWeight;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Str;

/** Facts of one request on those that are stored: what they come to, and which weights they take off the tables. Nothing is written but what is taken back. */
final class LotBatch
{
    /** @var array<string, LotBook> by family */
    private array $books = [];

    /** @var array<string, string> the family by id of a fact */
    private array $families = [];

    /** @var array<string, array{Tables, list<TakenWeight>}> by assessment */
    private array $tables = [];

    /** @var list<array<string, mixed>> rows of weights that became part of lots */
    private array $weights = [];

    private ?LotKitchen $kitchen = null;

    public function __construct(private readonly ReadTables $reading, private readonly LotBooks $stored, private readonly PotContents $moves) {}

    /** @return array<string, LotBook> those that were touched, by family */
    public function books(): array
    {
        return $this->books;
    }

    /** @return list<array<string, mixed>> */
    public function weights(): array
    {
        return $this->weights;
    }

    /** @return list<string> */
    public function families(): array
    {
        return array_values(array_unique($this->families));
    }

    /** A fact that is stored already: others of this request may be about it. */
    public function know(string $fact, string $family): void
    {
        $this->families[$fact] = $family;
    }

    /**
     * @throws InvalidPackage where it does not fit those before it
     * @return string         the family it belongs to
     */
    public function add(LotFact $fact, Node $node): string
    {
        $isFirst = $fact instanceof PutAway || $fact instanceof PotStarted || $fact instanceof NeedAsked;
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
            $this->checkNeed($fact, $node);
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

    private function checkNeed(Moved $fact, Node $node): void
    {
        if ($fact->need === null || isset($this->books[$fact->need]->needs[$fact->need])) {
            return;
        }
        if (! Str::isUuid($fact->need) || NeedRow::query()->find($fact->need) === null) {
            throw $node->at('need')->fail(MessageCode::NoSuchNeed);
        }
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
}
