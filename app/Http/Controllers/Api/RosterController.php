<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ImportRoster;
use App\Actions\PlanRoster;
use App\Actions\Roster;
use App\Http\Resources\GroupView;
use App\Http\Resources\RosterPlanView;
use App\Http\Resources\RosterView;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\Roster\OneRoster;
use App\Roster\RosterColumn;
use App\Roster\RosterFile;
use App\Roster\Table;
use App\School\School;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The roster as a whole: its groups, and files in and out. */
#[OA\Schema(schema: 'RosterSent', properties: [
    new OA\Property(property: 'file', description: 'A CSV file (comma, semicolon or tab; UTF-8, UTF-16 with a mark, or Windows-1252), or a OneRoster 1.2 zip.', type: 'string', format: 'binary'),
    new OA\Property(property: 'text', description: 'Cells pasted from a spreadsheet, instead of a file.', type: 'string'),
    new OA\Property(property: 'columns', description: 'What each column holds, as a JSON list; without it, what the header names.', type: 'string'),
    new OA\Property(property: 'has_header', type: 'string', enum: ['yes', 'no']),
    new OA\Property(property: 'course', description: 'For rows that name none.', type: 'string'),
    new OA\Property(property: 'group', description: 'For rows that name none.', type: 'string'),
    new OA\Property(property: 'term', description: 'For rows that name none.', type: 'string'),
    new OA\Property(property: 'only[]', description: 'Groups to take, by their full names; without it, all.', type: 'array', items: new OA\Items(type: 'string')),
])]
final class RosterController
{
    private const MOST_KILOBYTES = 10_000;

    public function __construct(private readonly School $school) {}

    #[OA\Get(path: '/roster', operationId: 'roster', tags: ['roster'])]
    #[OA\Response(response: 200, description: 'The groups, by course', content: new OA\JsonContent(ref: RosterView::class))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function show(): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $groups = StudentGroup::query()->withCount('students')->orderBy('course')->orderByDesc('starts_on')->orderBy('name')->get();

        return new JsonResponse(new RosterView(array_values($groups->map(GroupView::of(...))->all()), $this->school->catalogue->products->classes()));
    }

    #[OA\Post(path: '/roster/plan', operationId: 'planRoster', description: 'What a file would do, with every problem by its line; nothing is written.', tags: ['roster'])]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(ref: '#/components/schemas/RosterSent')))]
    #[OA\Response(response: 200, description: 'The plan', content: new OA\JsonContent(ref: RosterPlanView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function plan(Request $request, PlanRoster $planning): JsonResponse
    {
        Gate::authorize('enrol', Student::class);

        return new JsonResponse(RosterPlanView::of($planning->plan(self::file($request)), $this->school->sentences()));
    }

    #[OA\Post(path: '/roster/import', operationId: 'importRoster', description: 'Brings in every row without a problem, all of them or none. The same file again changes nothing.', tags: ['roster'])]
    #[OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(ref: '#/components/schemas/RosterSent')))]
    #[OA\Response(response: 200, description: 'What was done', content: new OA\JsonContent(ref: RosterPlanView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function import(Request $request, ImportRoster $importing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $file = self::file($request);
        if (! $file->isMapped()) {
            throw InvalidPackage::at('columns', MessageCode::RosterUnmapped);
        }

        return new JsonResponse(RosterPlanView::of($importing->import($file, $user), $this->school->sentences()));
    }

    #[OA\Get(path: '/roster.csv', operationId: 'rosterCsv', tags: ['roster'])]
    #[OA\QueryParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The roster, or one group of it, as CSV', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Request $request, Roster $roster): Response
    {
        Gate::authorize('enrol', Student::class);

        return new Response($roster->csv(self::group($request)), headers: ['Content-Type' => 'text/csv; charset=UTF-8; header=present', 'Content-Disposition' => 'attachment; filename="roster.csv"']);
    }

    #[OA\Get(path: '/roster.zip', operationId: 'rosterZip', tags: ['roster'])]
    #[OA\QueryParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The roster, or one group of it, as OneRoster 1.2 CSV in a zip', content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary')))]
    public function zip(Request $request, Roster $roster): Response
    {
        Gate::authorize('enrol', Student::class);

        return new Response($roster->oneRoster(self::group($request)), headers: ['Content-Type' => 'application/zip', 'Content-Disposition' => 'attachment; filename="oneroster.zip"']);
    }

    private static function group(Request $request): ?StudentGroup
    {
        $request->validate(['group' => ['uuid']]);

        return $request->has('group') ? StudentGroup::query()->findOrFail($request->string('group')->toString()) : null;
    }

    private static function file(Request $request): RosterFile
    {
        $request->validate([
            'file' => ['required_without:text', 'file', 'max:'.self::MOST_KILOBYTES],
            'text' => ['string', 'max:'.self::MOST_KILOBYTES * 1000],
            'columns' => ['json'],
            'has_header' => ['in:yes,no'],
            'course' => ['nullable', 'string', 'max:200'],
            'group' => ['nullable', 'string', 'max:200'],
            'term' => ['nullable', 'string', 'max:200'],
            'only' => ['array', 'max:1000'],
            'only.*' => ['string', 'max:700'],
        ]);
        $upload = $request->file('file');
        $bytes = $upload instanceof \Illuminate\Http\UploadedFile ? (string) $upload->get() : $request->string('text')->toString();
        $table = Table::read(OneRoster::isZip($bytes) ? OneRoster::asCsv($bytes) : $bytes);
        $text = static fn(string $key): string => trim($request->string($key)->toString());
        $columns = json_decode($request->string('columns')->toString(), true);

        return RosterFile::of(
            $table,
            is_array($columns) ? array_map(static fn(mixed $it): ?RosterColumn => is_string($it) ? RosterColumn::tryFrom($it) : null, array_values($columns)) : null,
            $request->has('has_header') ? $text('has_header') === 'yes' : null,
            $text('course'),
            $text('group'),
            $text('term'),
            array_values(array_filter((array) $request->input('only', []), is_string(...))),
        );
    }
}
