<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\AskedDays;
use App\Http\CsvFile;
use App\Http\Prints\Paper;
use App\Http\Prints\Pdf;
use App\Http\Resources\CostSumView;
use App\Http\Resources\NamedCostView;
use App\Http\Resources\TermClassView;
use App\Http\Resources\TermView;
use App\Http\TermViews;
use App\Models\LotRow;
use App\School\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Vite;
use OpenApi\Attributes as OA;

/** What the practicals of a term cost: for the screen, a spreadsheet, and the finance office. */
final class TermController
{
    private const USUAL_DAYS = 111;

    private const MG_PER_KG = 1_000_000;

    public function __construct(private readonly School $school, private readonly TermViews $terms) {}

    #[OA\Get(path: '/ledger/term', operationId: 'term', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'from', description: 'The Monday 15 weeks ago where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', description: '16 weeks where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'What the practicals of these days cost', content: new OA\JsonContent(ref: TermView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse($this->view($request));
    }

    #[OA\Get(path: '/ledger/term.csv', operationId: 'termCsv', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'from', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'A row for each practical, standard, course and student, in kg and the currency of the school', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Request $request): Response
    {
        $term = $this->view($request);
        $rows = [
            ...array_map(fn(TermClassView $it): array => ['Practical', "$it->title, $it->group", $it->held_on, ...$this->cells($it->sum)], $term->classes),
            ...array_map(fn(NamedCostView $it): array => ['Standard', $it->title, null, ...$this->cells($it->sum)], $term->standards),
            ...array_map(fn(NamedCostView $it): array => ['Course', $it->title, null, ...$this->cells($it->sum)], $term->courses),
            ...array_map(fn(NamedCostView $it): array => ['Student', $it->title, null, ...$this->cells($it->sum)], $term->students),
            ['All', "$term->from to $term->to", null, ...$this->cells($term->total)],
        ];
        $in = $term->currency;

        return CsvFile::of("term-$term->from.csv", [['Of', 'Name', 'Date', 'Trays', 'Carcasses, kg', 'Cuts, kg', 'Yield', "Carcasses, $in", "By-products, $in", "Cuts, $in", "Cuts a kg, $in", 'Cost factor', "Labour, $in", "The cuts bought, $in", "Saved, $in"], ...$rows]);
    }

    #[OA\Get(path: '/ledger/term.pdf', operationId: 'termPdf', description: 'One page for the finance office.', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'from', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'The page', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    public function pdf(Request $request): Response
    {
        $term = $this->view($request);
        $html = view('prints.term', ['term' => $term, 'currency' => $this->school->currency(), 'school' => $this->school->settings->name, 'units' => $this->school->settings->units, 'paper' => Paper::usualWith($this->school->settings->units), 'today' => $this->school->today(), 'nonce' => Vite::cspNonce()])->render();

        return new Response(Pdf::of($html), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"term-$term->from.pdf\""]);
    }

    private function view(Request $request): TermView
    {
        Gate::authorize('viewAny', LotRow::class);
        $days = AskedDays::of($request, $this->school->today()->startOfWeek()->subWeeks(15), self::USUAL_DAYS);

        return $this->terms->of($days->from, $days->to);
    }

    /** @return list<int|float|null> */
    private function cells(?CostSumView $sum): array
    {
        if ($sum === null) {
            return [];
        }
        $money = fn(?int $minor): ?float => $minor === null ? null : $minor / 10 ** $this->school->currency()->exponent;

        return [
            $sum->trays, $sum->ap_mg / self::MG_PER_KG, $sum->ep_mg / self::MG_PER_KG, $sum->yield, $money($sum->ap_minor), $money($sum->by_product_minor), $money($sum->net_minor), $money($sum->per_kg_minor), $sum->cost_factor,
            $money($sum->labour_minor), $money($sum->parts_minor), $money($sum->saving_minor),
        ];
    }
}
