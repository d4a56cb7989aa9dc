<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadSchoolReport;
use App\Http\AskedDays;
use App\Http\Prints\Paper;
use App\Http\Prints\Pdf;
use App\Http\Resources\SchoolReportView;
use App\Models\Assessment;
use App\School\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Vite;
use OpenApi\Attributes as OA;

/** What a school did over a term, for the screen and on a page. */
final class SchoolReportController
{
    private const USUAL_DAYS = 111;

    public function __construct(private readonly School $school, private readonly ReadSchoolReport $reading) {}

    #[OA\Get(path: '/school-report', operationId: 'schoolReport', tags: ['look back'])]
    #[OA\QueryParameter(name: 'from', description: 'The Monday 15 weeks ago where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', description: '16 weeks where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'Practicals, passes, yield, cost, agreement, incidents and corrections of these days', content: new OA\JsonContent(ref: SchoolReportView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse($this->view($request));
    }

    #[OA\Get(path: '/school-report.pdf', operationId: 'schoolReportPdf', tags: ['look back'])]
    #[OA\QueryParameter(name: 'from', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'The same on a page', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    public function pdf(Request $request): Response
    {
        $report = $this->view($request);
        $html = view('prints.school-report', ['report' => $report, 'currency' => $this->school->currency(), 'units' => $this->school->settings->units, 'paper' => Paper::usualWith($this->school->settings->units), 'today' => $this->school->today(), 'nonce' => Vite::cspNonce()])->render();

        return new Response(Pdf::of($html), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"report-$report->from.pdf\""]);
    }

    private function view(Request $request): SchoolReportView
    {
        Gate::authorize('moderate', Assessment::class);
        $days = AskedDays::of($request, $this->school->today()->startOfWeek()->subWeeks(15), self::USUAL_DAYS);

        return SchoolReportView::of($days->from, $days->to, $this->reading->between($days->from, $days->to), $this->school);
    }
}
