<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadAgreement;
use App\Http\AskedDays;
use App\Http\Resources\AgreementView;
use App\Models\Assessment;
use App\School\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class AgreementController
{
    private const USUAL_DAYS = 111;

    #[OA\Get(path: '/agreement', operationId: 'agreement', tags: ['moderation'])]
    #[OA\QueryParameter(name: 'from', description: 'The Monday 15 weeks ago where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', description: '16 weeks where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'How far assessors lie apart', content: new OA\JsonContent(ref: AgreementView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request, ReadAgreement $reading, School $school): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $days = AskedDays::of($request, $school->today()->subWeeks(15)->startOfWeek(), self::USUAL_DAYS);

        return new JsonResponse(AgreementView::of($days->from, $days->to, $reading->between($days->from, $days->to)));
    }
}
