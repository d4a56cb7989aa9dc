<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LotEntry;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotFactReader;
use Illuminate\Support\Facades\DB;

/** The facts about lots as they are stored, family by family: a lot that was put away, with those divided from it. */
final readonly class LotBooks
{
    /** One writer at a time, so that seq grows in the order of commits and no two take the same gram. */
    private const LOCK = 0x10_75;

    /** Until the transaction ends. */
    public function lock(): void
    {
        DB::select('SELECT pg_advisory_xact_lock(?)', [self::LOCK]);
    }

    /**
     * @param list<string> $families
     *
     * @return array<string, LotBook> by family
     */
    public function of(array $families): array
    {
        $facts = array_fill_keys($families, []);
        foreach (LotEntry::query()->whereIn('family_id', $families)->orderBy('seq')->get() as $entry) {
            $facts[$entry->family_id][] = LotFactReader::read(Node::of($entry->document()));
        }

        return array_map(static fn(array $it): LotBook => LotBook::of($it), $facts);
    }
}
