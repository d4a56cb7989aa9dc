<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\PotMove;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\PotUse;
use DeftBlade\Core\Planning\Stock;
use DeftBlade\Core\Planning\StockKitchen;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** What was moved to a use of pots and is in none yet; and the plan of a stock. */
final readonly class ReadPots
{
    private const LAST_DAYS = 7;

    public function __construct(private School $school, private ShippedDocuments $shipped) {}

    /** @return list<array{PotUse, list<array{LotEntry, LotRow}>}> by use and class of product */
    public function waiting(): array
    {
        $uses = array_map(static fn(PotUse $it): string => $it->destination()->value, PotUse::cases());
        $moves = LotEntry::query()->where('kind', 'move')->where('at', '>=', CarbonImmutable::now()->subDays(self::LAST_DAYS))->whereIn('payload->to', $uses)
            ->whereNotIn('id', PotMove::query()->select('move_id'))->orderBy('seq')->get();
        $back = LotEntry::query()->where('kind', 'void')->whereIn('family_id', $moves->pluck('family_id')->unique()->all())->get()->map(static fn(LotEntry $it): mixed => $it->payload->target)->all();
        $lots = LotRow::query()->with('assessment')->findMany($moves->map(static fn(LotEntry $it): mixed => $it->payload->lot)->all())->keyBy('id');
        $groups = [];
        foreach ($moves as $move) {
            $lot = is_string($move->payload->lot) ? $lots->get($move->payload->lot) : null;
            $use = PotUse::tryFrom(is_string($move->payload->to) ? $move->payload->to : '');
            if ($lot !== null && $use !== null && ! in_array($move->id, $back, true)) {
                $groups["{$use->value} $lot->class"] = [$use, [...$groups["{$use->value} $lot->class"][1] ?? [], [$move, $lot]]];
            }
        }

        return array_values($groups);
    }

    /** Null where nothing is made of that class here. */
    public function stock(?string $class, int $bonesMg, ?\DateTimeImmutable $start): ?Stock
    {
        $planned = StockKitchen::read(Node::of($this->shipped->school('stock'), 'stock'), $this->school->settings->variants)->stock($class ?? '', $bonesMg);

        return $planned === null ? null : new Stock($planned->group, $planned->bonesMg, $planned->recipe, $planned->pots, $planned->fill, $start);
    }
}
