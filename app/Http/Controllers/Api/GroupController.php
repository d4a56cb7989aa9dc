<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\Conflict;
use App\Actions\IssuedCode;
use App\Actions\IssueGroupCodes;
use App\Http\Day;
use App\Http\Resources\GroupView;
use App\Http\Resources\IssuedCodeView;
use App\Models\AuditEntry;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Groups of students. */
#[OA\Schema(schema: 'GroupSent', required: ['course', 'name'], properties: [
    new OA\Property(property: 'course', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'term', type: 'string', nullable: true),
    new OA\Property(property: 'starts_on', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'ends_on', type: 'string', format: 'date', nullable: true),
])]
final class GroupController
{
    private const BODY = ['course' => ['present', 'nullable', 'string', 'max:200'], 'name' => ['required', 'string', 'max:200'], 'term' => ['nullable', 'string', 'max:200'], 'starts_on' => ['nullable', ...Day::RULES], 'ends_on' => ['nullable', ...Day::RULES, 'after_or_equal:starts_on']];

    #[OA\Post(path: '/groups', operationId: 'makeGroup', tags: ['roster'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/GroupSent'))]
    #[OA\Response(response: 201, description: 'Made', content: new OA\JsonContent(ref: GroupView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $says = self::says($request);
        $group = DB::transaction(static function () use ($says, $user): StudentGroup {
            self::refuseThere($says, null);
            $group = StudentGroup::query()->create($says);
            AuditEntry::keep($user, Message::of(MessageCode::AuditGroupMade, ['group' => $group->fullName()]));

            return $group;
        });

        return new JsonResponse(GroupView::of($group->loadCount('students')), 201);
    }

    #[OA\Put(path: '/groups/{group}', operationId: 'changeGroup', tags: ['roster'])]
    #[OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/GroupSent'))]
    #[OA\Response(response: 200, description: 'As changed', content: new OA\JsonContent(ref: GroupView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function update(Request $request, StudentGroup $group, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $says = self::says($request);
        DB::transaction(static function () use ($group, $says, $user): void {
            self::refuseThere($says, $group);
            $was = $group->fullName();
            $group->fill($says);
            if ($group->isDirty()) {
                AuditEntry::keep($user, Message::of(MessageCode::AuditGroupChanged, ['was' => $was, 'is' => $group->fullName()]));
                $group->save();
            }
        });

        return new JsonResponse(GroupView::of($group->loadCount('students')));
    }

    #[OA\Post(path: '/groups/{group}/codes', operationId: 'issueGroupCodes', description: 'An account and a one-time code for every student of the group who has no password yet.', tags: ['roster'])]
    #[OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 201, description: 'The codes, by name, told this once', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: IssuedCodeView::class)))]
    public function codes(StudentGroup $group, IssueGroupCodes $issuing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);

        return new JsonResponse(array_map(static fn(IssuedCode $it): IssuedCodeView => IssuedCodeView::of($it), $issuing->issue($group, $user)), 201);
    }

    /** @return array{course: string, name: string, term: string, starts_on: string|null, ends_on: string|null} */
    private static function says(Request $request): array
    {
        $request->validate(self::BODY);
        $text = static fn(string $key): string => trim($request->string($key)->toString());
        $day = static fn(string $key): ?string => $text($key) === '' ? null : $text($key);

        return ['course' => $text('course'), 'name' => $text('name'), 'term' => $text('term'), 'starts_on' => $day('starts_on'), 'ends_on' => $day('ends_on')];
    }

    /** @param array{course: string, name: string, term: string} $says */
    private static function refuseThere(array $says, ?StudentGroup $own): void
    {
        StudentGroup::lockRoster();
        $other = StudentGroup::query()->where(['course' => $says['course'], 'name' => $says['name'], 'term' => $says['term']])->when($own !== null, static fn($groups) => $groups->whereKeyNot($own?->id))->first();
        if ($other !== null) {
            throw Conflict::groupThere($other->fullName());
        }
    }
}
