<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\PackAssessment;
use App\Http\Resources\AssessmentView;
use App\Models\Assessment;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

final class AssessmentController
{
    #[OA\Get(path: '/assessments/{assessment}', operationId: 'assessment', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'A practical with its standard and policy', content: new OA\JsonContent(ref: AssessmentView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(Assessment $assessment, ShippedDocuments $shipped): JsonResponse
    {
        Gate::authorize('view', $assessment);

        return new JsonResponse(AssessmentView::of($assessment->load('group', 'policy', 'attempts.student'), $shipped));
    }

    #[OA\Get(path: '/assessments/{assessment}/package', operationId: 'package', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The class as an assessment package (docs/formats/assessment.schema.json)', content: new OA\JsonContent(type: 'object'))]
    public function package(Assessment $assessment, PackAssessment $packing): Response
    {
        Gate::authorize('view', $assessment);
        $assessment->load('policy', 'attempts.captures');
        $name = Str::slug("{$assessment->title} {$assessment->held_on->toDateString()}");

        return new Response($packing->encode($packing->pack($assessment, $assessment->attempts)), headers: [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"$name.json\"",
        ]);
    }
}
