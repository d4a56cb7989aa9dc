<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ClassFlags;
use App\Actions\HideFirstLook;
use App\Actions\ResultFiles;
use App\Http\Prints\SheetCsv;
use App\Http\Resources\FlagView;
use App\Http\Resources\SheetColumnView;
use App\Http\Resources\SheetRowView;
use App\Http\Resources\SheetView;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Grading\Component;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

final class SheetController
{
    public function __construct(private readonly School $school, private readonly HideFirstLook $hiding) {}

    #[OA\Get(path: '/assessments/{assessment}/sheet', operationId: 'sheet', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The class sheet', content: new OA\JsonContent(ref: SheetView::class))]
    public function show(Assessment $assessment, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse($this->sheet($assessment, $user));
    }

    #[OA\Get(path: '/assessments/{assessment}/sheet.csv', operationId: 'sheetCsv', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The class sheet as CSV (RFC 4180, UTF-8)', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Assessment $assessment, SheetCsv $writing, #[CurrentUser] User $user): Response
    {
        $name = Str::slug("{$assessment->title} {$assessment->held_on->toDateString()}");

        return new Response($writing->write($this->sheet($assessment, $user)), headers: [
            'Content-Type' => 'text/csv; charset=UTF-8; header=present',
            'Content-Disposition' => "attachment; filename=\"$name.csv\"",
        ]);
    }

    #[OA\Get(path: '/assessments/{assessment}/results.zip', operationId: 'resultsZip', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The released results as gradebook files of OneRoster 1.2, CSV in a zip', content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary')))]
    public function zip(Assessment $assessment, ResultFiles $writing, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $assessment);
        $assessment->load(['attempts.release']);
        $this->hiding->from($user, $assessment->attempts);

        return new Response($writing->zip($assessment), headers: ['Content-Type' => 'application/zip', 'Content-Disposition' => 'attachment; filename="results-'.$assessment->held_on->toDateString().'.zip"']);
    }

    private function sheet(Assessment $assessment, User $user): SheetView
    {
        Gate::authorize('view', $assessment);
        $assessment->load(['group', 'attempts.student', 'attempts.release.releasedBy']);
        $this->hiding->from($user, $assessment->attempts);
        $flags = ClassFlags::of($assessment->attempts);
        $sentences = $this->school->sentences();
        $policy = Policy::read(Node::of($this->school->said($assessment->held->policyDocument()), 'policy'));

        return new SheetView(
            $assessment->title,
            $assessment->group->name,
            $assessment->held_on->toDateString(),
            $assessment->is_rehearsal,
            $assessment->cancelled,
            array_map(static fn(Component $it): SheetColumnView => new SheetColumnView($it->id(), $it->title(), $it->weight()), $policy->components),
            array_values($assessment->attempts->map(static fn(Attempt $it): SheetRowView => SheetRowView::of($it, FlagView::allOf($flags->flagsOf($it->id, $it->row->flags), $sentences)))->all()),
        );
    }
}
