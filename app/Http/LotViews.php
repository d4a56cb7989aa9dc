<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\ReadTables;
use App\Http\Resources\LotView;
use App\Models\LotRow;
use App\School\School;
use Illuminate\Database\Eloquent\Collection;

/** Lots as the school says them, with the days they have left today. */
final readonly class LotViews
{
    public function __construct(private School $school, private ReadTables $tables) {}

    /**
     * @param Collection<int, LotRow> $lots
     *
     * @return list<LotView>
     */
    public function of(Collection $lots): array
    {
        $lots->loadMissing('assessment');
        [$kitchen, $words, $today] = [$this->tables->kitchen(), $this->school->vocabulary(), $this->school->today()];

        return array_values($lots->map(static fn(LotRow $it): LotView => LotView::of($it, $kitchen, $words, $today))->all());
    }
}
