<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\Conflict;
use App\Actions\ReadCost;
use App\Http\ClientId;
use App\Http\Resources\CostLineView;
use App\Http\Resources\CostView;
use App\Http\Resources\DeliveryView;
use App\Http\Resources\YieldTestView;
use App\Models\Assessment;
use App\Models\Delivery;
use App\Models\LotRow;
use App\Models\Price;
use App\Models\User;
use App\Roster\CsvText;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\Day;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\ClassYield;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What classes cost. */
final class MoneyController
{
    private const LONGEST = 200;

    private const MOST_PIECES = 1_000;

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

    #[OA\Put(path: '/assessments/{assessment}/deliveries/{delivery}', operationId: 'keepDelivery', description: 'Writes down how the carcasses of a practical were delivered, under an id the screen made (a UUID).', tags: ['ledger'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'delivery', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['supplier', 'invoice', 'pieces', 'mass_mg', 'cost_minor'], properties: [
        new OA\Property(property: 'supplier', type: 'string'),
        new OA\Property(property: 'invoice', type: 'string'),
        new OA\Property(property: 'pieces', type: 'integer'),
        new OA\Property(property: 'mass_mg', type: 'integer'),
        new OA\Property(property: 'cost_minor', type: 'integer'),
    ]))]
    #[OA\Response(response: 200, description: 'As it is now', content: new OA\JsonContent(ref: CostView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function deliver(Request $request, Assessment $assessment, string $delivery, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('price', LotRow::class);
        ClientId::check($delivery, 'delivery');
        $body = Node::decode($request->getContent())->keys(['supplier', 'invoice', 'pieces', 'mass_mg', 'cost_minor']);
        $row = [
            'assessment_id' => $assessment->id,
            'supplier' => trim($body->at('supplier')->text(self::LONGEST)),
            'invoice' => trim($body->at('invoice')->text(self::LONGEST)),
            'pieces' => $body->at('pieces')->integer(0, self::MOST_PIECES),
            'mass_mg' => $body->at('mass_mg')->integer(1, Mass::MOST_MG),
            'cost_minor' => $body->at('cost_minor')->integer(0, Minor::MOST),
        ];
        $kept = Delivery::query()->find($delivery);
        if ($kept === null) {
            Delivery::query()->create(['id' => $delivery, 'user_id' => $user->id, 'at' => CarbonImmutable::now()] + $row);
        } elseif ($kept->only(array_keys($row)) !== $row) {
            throw Conflict::entryIdTaken($delivery);
        }

        return new JsonResponse($this->cost($assessment));
    }

    #[OA\Put(path: '/ledger/prices/{price}', operationId: 'keepPrice', description: 'Writes a price down, under an id the screen made (a UUID).', tags: ['ledger'])]
    #[OA\PathParameter(name: 'price', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['species', 'product', 'minor', 'source', 'found_on'], properties: [
        new OA\Property(property: 'species', description: 'Empty for a wage.', type: 'string'),
        new OA\Property(property: 'product', description: 'A product of the species, or "wage": of an hour.', type: 'string'),
        new OA\Property(property: 'minor', type: 'integer', nullable: true),
        new OA\Property(property: 'source', type: 'string'),
        new OA\Property(property: 'found_on', type: 'string', format: 'date'),
    ]))]
    #[OA\Response(response: 204, description: 'Kept')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function price(Request $request, string $price, #[CurrentUser] User $user): Response
    {
        Gate::authorize('price', LotRow::class);
        ClientId::check($price, 'price');
        $body = Node::decode($request->getContent())->keys(['species', 'product', 'minor', 'source', 'found_on']);
        $product = $body->at('product')->identifier();
        $row = [
            'species' => $product === Price::WAGE ? '' : $body->at('species')->text(self::LONGEST),
            'product' => $product,
            'minor' => $body->at('minor')->isNull() ? null : $body->at('minor')->integer(0, Minor::MOST),
            'source' => trim($body->at('source')->text(self::LONGEST)),
        ];
        $day = Day::read($body->at('found_on'))->format(Day::FORMAT);
        $kept = Price::query()->find($price);
        if ($kept === null) {
            Price::query()->create(['id' => $price, 'found_on' => $day, 'user_id' => $user->id, 'at' => CarbonImmutable::now()] + $row);
        } elseif ($kept->only(array_keys($row)) !== $row || $kept->found_on->toDateString() !== $day) {
            throw Conflict::entryIdTaken($price);
        }

        return new Response(status: 204);
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
        $apCost = $delivery?->costOf($yield->apMg);
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
