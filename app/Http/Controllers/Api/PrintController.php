<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Prints\Paper;
use App\Http\Prints\Pdf;
use App\Http\Prints\PracticalPrint;
use App\Http\Prints\PracticalSheet;
use App\Http\Prints\PurchaseList;
use App\Models\Assessment;
use App\Models\Brief;
use App\School\School;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** What is printed for a practical. */
final class PrintController
{
    public function __construct(private readonly PracticalPrint $printing, private readonly School $school) {}

    #[OA\Get(path: '/briefs/{brief}/print', operationId: 'printBrief', description: 'As a PDF, or as a page for the browser\'s own print.', tags: ['brief'])]
    #[OA\PathParameter(name: 'brief', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'sheet', description: 'One sheet; all of them where none is named.', schema: new OA\Schema(type: 'string', enum: PracticalSheet::class))]
    #[OA\QueryParameter(name: 'paper', description: 'A4 where none is named and the school weighs in grams, Letter where it weighs in ounces.', schema: new OA\Schema(type: 'string', enum: Paper::class))]
    #[OA\QueryParameter(name: 'as', schema: new OA\Schema(type: 'string', enum: ['pdf', 'page'], default: 'pdf'))]
    #[OA\Response(response: 200, description: 'The print', content: [
        new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')),
        new OA\MediaType(mediaType: 'text/html', schema: new OA\Schema(type: 'string')),
    ])]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request, Brief $brief): Response
    {
        Gate::authorize('plan', Assessment::class);
        $request->validate(['sheet' => [Rule::enum(PracticalSheet::class)], 'paper' => [Rule::enum(Paper::class)], 'as' => [Rule::in(['pdf', 'page'])]]);
        $sheet = $request->enum('sheet', PracticalSheet::class);
        $practical = $this->printing->practical($brief->load('assessments'));
        $html = $this->printing->html(
            $practical,
            $sheet === null ? $practical->sheets() : [$sheet],
            $request->enum('paper', Paper::class) ?? Paper::usualWith($this->school->settings->units),
        );
        if ($request->query('as') === 'page') {
            return new Response($html, headers: ['Content-Type' => 'text/html; charset=utf-8']);
        }

        return new Response(Pdf::of($html), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="'.($sheet->value ?? 'practical').'.pdf"']);
    }

    #[OA\Get(path: '/briefs/{brief}/purchase.csv', operationId: 'purchaseList', tags: ['brief'])]
    #[OA\PathParameter(name: 'brief', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'What to buy', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function purchase(Brief $brief): Response
    {
        Gate::authorize('plan', Assessment::class);

        return new Response(PurchaseList::of($this->printing->practical($brief->load('assessments')))->csv(), headers: ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="purchase-list.csv"']);
    }
}
