<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadCost;
use App\Http\Resources\CostLineView;
use App\Http\Resources\CostView;
use App\Http\Resources\DeliveryView;
use App\Http\Resources\YieldTestView;
use App\Models\Assessment;
use App\Models\Delivery;
use App\Models\LotRow;
use App\Models\Price;
use App\Roster\CsvText;
use App\School\School;
use DeftBlade\Core\Lots\ClassYield;
use DeftBlade\Core\Money\Currency;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What classes cost. */
final class CostController
{
    private const MG_PER_KG = 1_000_000;

    public function __construct(private readonly School $school, private readonly ReadCost $reading) {}

    #[OA\Get(path: '/assessments/{assessment}/cost', operationId: 'cost', tags: ['ledger'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'What the class cost, and what its cuts are worth', content: new OA\JsonContent(ref: CostView::class))]
    public function show(Assessment $assessment): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);

        return new JsonResponse($this->cost($assessment));
    }

    #[OA\Get(path: '/assessments/{assessment}/cost.csv', operationId: 'costCsv', tags: ['ledger'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The products with their costs, in kg and the currency of the school', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Assessment $assessment): Response
    {
        Gate::authorize('viewAny', LotRow::class);
        $cost = $this->cost($assessment);
        $unit = 10 ** $this->currency()->exponent;
        $money = static fn(?int $minor): ?float => $minor === null ? null : $minor / $unit;
        $lines = [['Product', 'kg', "Price a kg, $cost->currency", 'Source', 'Found on', "Cost, $cost->currency", "Cost a kg, $cost->currency"]];
        foreach ($cost->lines as $line) {
            $lines[] = [$line->title, $line->mass_mg / self::MG_PER_KG, $money($line->per_kg_minor), $line->source, $line->found_on, $money($line->cost_minor), $money($line->cost_per_kg_minor)];
        }

        return new Response(CsvText::BYTE_ORDER_MARK.CsvText::of($lines), headers: ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"cost-{$cost->held_on}.csv\""]);
    }

    private function cost(Assessment $assessment): CostView
    {
        $yield = $this->reading->yieldOf($assessment);
        $species = $assessment->held->document->species ?? '';
        $species = is_string($species) ? $species : '';
        $prices = Price::of($species);
        $perKg = array_filter(array_map(static fn(Price $it): ?int => $it->minor, $prices), is_int(...));
        $delivery = Delivery::of($assessment);
        $apCost = $delivery === null ? null : $yield->apCost($delivery->mass_mg, $delivery->cost_minor);
        $wage = $perKg[Price::WAGE] ?? null;
        $answer = $apCost === null ? null : $yield->test($this->currency(), $apCost, $perKg, $wage)?->answer();

        return new CostView(
            $assessment->id,
            $assessment->held->published_standard_id,
            $assessment->title,
            $assessment->held_on->toDateString(),
            $species,
            $this->currency()->code,
            $yield->trays,
            $yield->apMg,
            $yield->seconds,
            DeliveryView::of($delivery),
            $this->reading->plannedCost($assessment),
            $wage,
            $this->lines($yield, $prices, $answer ?? []),
            $answer === null ? null : YieldTestView::of($answer, (int) $apCost),
        );
    }

    /**
     * @param array<string, Price> $prices by product
     * @param array<string, mixed> $answer of the yield test
     *
     * @return list<CostLineView>
     */
    private function lines(ClassYield $yield, array $prices, array $answer): array
    {
        $costs = array_column(is_array($answer['pieces'] ?? null) ? $answer['pieces'] : [], null, 'id');
        $words = $this->school->vocabulary();
        $lines = [];
        foreach ($yield->massMg as $id => $mass) {
            $product = $yield->products->products[$id];
            $price = $prices[$id] ?? null;
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

    private function currency(): Currency
    {
        return Currency::known($this->school->settings->currency) ?? throw new \LogicException('the school\'s currency is a known one');
    }
}
