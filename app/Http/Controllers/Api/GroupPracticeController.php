<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\LostAt;
use App\Actions\PractisedStandards;
use App\Actions\ReadGroupPractice;
use App\Actions\SetHomework;
use App\Http\ClientId;
use App\Http\Day;
use App\Http\Prints\DrillPrint;
use App\Http\Prints\Paper;
use App\Http\Resources\GroupPracticeView;
use App\Http\Resources\HomeworkView;
use App\Http\Resources\LostAtView;
use App\Http\Resources\StudentPracticeView;
use App\Models\Assessment;
use App\Models\Drill;
use App\Models\Homework;
use App\Models\PracticeFact;
use App\Models\PublishedStandard;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\School\School;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** What a group practises: for whoever teaches it. */
final class GroupPracticeController
{
    private const DAYS = 14;

    private const LONGEST_NOTE = 500;

    #[OA\Get(path: '/groups/{group}/practice', operationId: 'groupPractice', tags: ['practice'])]
    #[OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The last fortnight', content: new OA\JsonContent(ref: GroupPracticeView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(StudentGroup $group, ReadGroupPractice $reading, PractisedStandards $standards, School $school): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $isShown = $school->settings->practice->isShown();
        $facts = $isShown ? $reading->factsOf($group, self::DAYS) : [];
        $students = $group->students()->orderBy('name')->get();
        $titles = $isShown ? self::titles($facts, $standards) : [];
        $first = $school->today()->subDays(self::DAYS - 1);

        return new JsonResponse(new GroupPracticeView(
            $group->fullName(),
            $students->count(),
            array_map(static fn(int $it): string => $first->addDays($it)->toDateString(), range(0, self::DAYS - 1)),
            $isShown ? array_values($students->map(static fn(Student $it): StudentPracticeView => StudentPracticeView::of($it, $facts[$it->user_id ?? ''] ?? [], $titles, $school))->all()) : null,
            array_map(static fn(LostAt $it): LostAtView => LostAtView::of($it), $reading->mostLost($group)),
            array_map(static fn(Homework $it): HomeworkView => HomeworkView::of($it, $standards->of($it->standard)->standard->title, $isShown ? count(array_filter($facts, $it->isDoneBy(...))) : null), $reading->homeworkOf($group)),
        ));
    }

    /**
     * @param array<string, list<PracticeFact>> $facts by person
     *
     * @return array<string, string> titles of the standards they are about, by key
     */
    private static function titles(array $facts, PractisedStandards $standards): array
    {
        $keys = array_unique(array_map(static fn(PracticeFact $it): string => $it->standard_key, array_merge([], ...array_values($facts))));
        $titles = [];
        foreach (array_filter(array_map(PublishedStandard::latestOf(...), $keys)) as $published) {
            $titles[$published->key] = $standards->of($published)->standard->title;
        }

        return $titles;
    }

    #[OA\Get(path: '/groups/{group}/drills.pdf', operationId: 'drillCards', description: 'Cards of what the group loses most points at, four a page.', tags: ['practice'])]
    #[OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'To be printed', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function drills(StudentGroup $group, ReadGroupPractice $reading, DrillPrint $printing, School $school): Response
    {
        Gate::authorize('viewAny', Assessment::class);

        return new Response($printing->print($group->fullName(), $reading->mostLost($group), Paper::usualWith($school->settings->units)), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="drills.pdf"']);
    }

    #[OA\Put(path: '/groups/{group}/homework/{id}', operationId: 'setHomework', description: 'Sets what a group is to practise, under an id the screen made (a UUID); sent again it is set once.', tags: ['practice'])]
    #[OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['standard', 'kind', 'until'], properties: [
        new OA\Property(property: 'standard', type: 'string', format: 'uuid'),
        new OA\Property(property: 'kind', type: 'string', enum: Drill::class),
        new OA\Property(property: 'until', description: 'The last day.', type: 'string', format: 'date'),
        new OA\Property(property: 'note', description: 'What is said with it.', type: 'string', maxLength: self::LONGEST_NOTE),
    ]))]
    #[OA\Response(response: 204, description: 'Set')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, StudentGroup $group, string $id, SetHomework $setting, School $school, #[CurrentUser] User $user): Response
    {
        ClientId::check($id, 'id');
        Gate::authorize('call', PublishedStandard::class);
        $request->validate([
            'standard' => ['required', 'string', 'uuid', Rule::exists(PublishedStandard::class, 'id')],
            'kind' => ['required', Rule::enum(Drill::class)],
            'note' => ['nullable', 'string', 'max:'.self::LONGEST_NOTE],
            'until' => ['required', ...Day::RULES, "after_or_equal:{$school->today()->toDateString()}"],
        ]);
        $setting->set(mb_strtolower($id), $group, mb_strtolower($request->string('standard')->toString()), Drill::from($request->string('kind')->toString()), $request->string('until')->toString(), $request->string('note')->trim()->toString(), $user);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    #[OA\Delete(path: '/groups/{group}/homework/{id}', operationId: 'takeBackHomework', description: 'Takes it back; where it is gone already, nothing changes.', tags: ['practice'])]
    #[OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 204, description: 'Taken back')]
    public function destroy(StudentGroup $group, string $id): Response
    {
        ClientId::check($id, 'id');
        Gate::authorize('call', PublishedStandard::class);
        Homework::query()->where('student_group_id', $group->id)->whereKey(mb_strtolower($id))->delete();

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
