<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LotRow;
use App\Models\LotWeight;
use App\School\School;
use DeftBlade\Core\Lots\LotProductKind;
use DeftBlade\Core\Lots\OnShelf;
use DeftBlade\Core\Lots\ProductName;
use DeftBlade\Core\Lots\Serving;
use Illuminate\Database\Eloquent\Collection;

/** Covers from what may be served of a product today. */
final readonly class ReadServing
{
    private const MG_PER_G = 1_000;

    public function __construct(private School $school) {}

    /** @return Collection<int, LotRow> what may be served, in the order in which it must be gone; frozen last */
    public function shelf(ProductName $of): Collection
    {
        $lots = LotRow::query()->where('on_hand_mg', '>', 0)->where('species', $of->species)->where('product', $of->product)->where('title', $of->title)->where('is_off', false)
            ->where(fn($it) => $it->whereNull('use_by')->orWhere('use_by', '>=', $this->school->today()->toDateString()))->orderBy('use_by')->orderBy('id')->get();

        return $lots->reject(static fn(LotRow $it): bool => $it->isBarred())->values();
    }

    /** @param Collection<int, LotRow> $shelf */
    public function of(Collection $shelf, int $targetMg, int $guests): Serving
    {
        return Serving::of(array_values($shelf->map(static fn(LotRow $it): OnShelf => new OnShelf($it->id, $it->on_hand_mg, $it->frozen_since !== null))->all()), $this->pieceMg($shelf), $targetMg, $guests);
    }

    /**
     * What one of its pieces weighs on average, to the gram; null where it is not counted in pieces.
     *
     * @param Collection<int, LotRow> $shelf
     */
    public function pieceMg(Collection $shelf): ?int
    {
        $ofPieces = $shelf->filter(static fn(LotRow $it): bool => $it->kind === LotProductKind::Piece);
        $mean = LotWeight::query()->whereIn('lot_id', $ofPieces->pluck('family_id')->unique()->all())->avg('mass_mg');

        return is_numeric($mean) ? self::MG_PER_G * (int) round((float) $mean / self::MG_PER_G) : null;
    }
}
