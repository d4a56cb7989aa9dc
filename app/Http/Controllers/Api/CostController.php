<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\CostedClass;
use App\Actions\PlannedCost;
use App\Actions\ReadCosts;
use App\Http\CsvFile;
use App\Http\Resources\CostLineView;
use App\Http\Resources\CostView;
use App\Http\Resources\DeliveryView;
use App\Http\Resources\EarlierCostView;
use App\Http\Resources\YieldTestView;
use App\Models\Assessment;
use App\Models\LotRow;
use App\Models\Price;
use App\School\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What classes cost. */
final class CostController
{
    private const MG_PER_KG = 1_000_000;

    public function __construct(private readonly School $school, private readonly ReadCosts $reading, private readonly PlannedCost $planned) {}

    #[OA\Get(path: '/assessments/{assessment}/cost', operationId: 'cost', tags: ['ledger'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'What the class cost, and what its cuts are worth', content: new OA\JsonContent(ref: CostView::class))]
    public function show(Assessment $assessment): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $class = $this->reading->of($assessment);
        $expected = $this->reading->expected($class);

        return new JsonResponse(new CostView(
            $assessment->id,
            $assessment->held->published_standard_id,
            $assessment->title,
            $assessment->held_on->toDateString(),
            $class->standard->species,
            $this->school->currency()->code,
            count($class->yield->trays),
            $class->yield->apMg,
            $class->yield->seconds,
            DeliveryView::of($class->delivery),
            $this->planned->of($assessment),
            ($class->prices[Price::WAGE] ?? null)?->minor,
            $this->lines($class),
            $class->cost === null ? null : YieldTestView::of($class->cost->test),
            $expected === null ? null : YieldTestView::of($expected->test),
            EarlierCostView::of($this->reading->lastBefore($class)),
        ));
    }

    #[OA\Get(path: '/assessments/{assessment}/cost.csv', operationId: 'costCsv', tags: ['ledger'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The products with their costs, in kg and the currency of the school', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Assessment $assessment): Response
    {
        Gate::authorize('viewAny', LotRow::class);
        $currency = $this->school->currency();
        $money = static fn(?int $minor): ?float => $minor === null ? null : $minor / 10 ** $currency->exponent;
        $lines = [['Product', 'kg', "Price a kg, $currency->code", 'Source', 'Found on', "Cost, $currency->code", "Cost a kg, $currency->code"]];
        foreach ($this->lines($this->reading->of($assessment)) as $line) {
            $lines[] = [$line->title, $line->mass_mg / self::MG_PER_KG, $money($line->per_kg_minor), $line->source, $line->found_on, $money($line->cost_minor), $money($line->cost_per_kg_minor)];
        }

        return CsvFile::of("cost-{$assessment->held_on->toDateString()}.csv", $lines);
    }

    /** @return list<CostLineView> */
    private function lines(CostedClass $class): array
    {
        $answer = $class->cost?->test->answer() ?? [];
        $costs = array_column(is_array($answer['pieces'] ?? null) ? $answer['pieces'] : [], null, 'id');
        $words = $this->school->vocabulary();
        $lines = [];
        foreach ($class->yield->massMg as $id => $mass) {
            $product = $class->yield->products->products[$id];
            $price = $class->prices[$id] ?? null;
            $cost = is_array($costs[$id] ?? null) ? $costs[$id] : [];
            $lines[] = new CostLineView(
                (string) $id,
                $product->places,
                $words->say($product->title),
                $product->stage(),
                $mass,
                $price?->minor,
                $price?->source,
                $price?->found_on->toDateString(),
                is_int($cost['cost_minor'] ?? null) ? $cost['cost_minor'] : null,
                is_int($cost['cost_per_kg_minor'] ?? null) ? $cost['cost_per_kg_minor'] : null,
            );
        }

        return $lines;
    }
}
