<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\LotRow;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\LotProductKind;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\ProductName;
use DeftBlade\Core\Lots\TrayYield;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;

/** What the practicals of today and the coming days will make, of which nothing is put away yet. */
final readonly class ReadComing
{
    public function __construct(private School $school, private ReadTables $tables, private ShippedDocuments $shipped) {}

    /** @return list<ComingSupply> the earliest first */
    public function until(CarbonImmutable $day): array
    {
        $held = Assessment::query()->whereNull('cancelled')->whereBetween('held_on', [$this->school->today()->toDateString(), $day->toDateString()])
            ->whereNotExists(LotRow::query()->selectRaw('1')->whereColumn('lots.assessment_id', 'assessments.id'))
            ->with('held')->withCount('attempts')->oldest('held_on')->orderBy('id')->get();
        $supplies = [];
        foreach ($held as $assessment) {
            $standard = Standard::read(Node::of($assessment->held->document, 'standard'));
            array_push($supplies, ...$this->of($assessment, $standard));
        }

        return $supplies;
    }

    /** @return list<ComingSupply> */
    private function of(Assessment $assessment, Standard $standard): array
    {
        $usual = $this->shipped->typicalMassOf($standard->carcass)?->usual->mg;
        $students = (int) $assessment->attempts_count;
        if ($usual === null || $students === 0) {
            return [];
        }
        $products = LotProducts::of($standard, $this->tables->kitchen(), $this->tables->classOf($standard->species));
        $supplies = [];
        foreach (TrayYield::expected($standard, $products, $usual)->massMg as $id => $mass) {
            $product = $products->products[$id];
            if ($product->usable) {
                $pieces = $product->kind === LotProductKind::Piece ? count($product->places) : 0;
                $supplies[] = new ComingSupply($assessment, new ProductName($standard->species, $product->id, $product->title), $students * $mass, $students * $pieces);
            }
        }

        return $supplies;
    }
}
