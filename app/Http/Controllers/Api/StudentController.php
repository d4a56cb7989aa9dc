<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ChangeStudent;
use App\Http\Day;
use App\Http\Resources\StudentsView;
use App\Http\Resources\StudentView;
use App\Models\Accommodation;
use App\Models\AccommodationKind;
use App\Models\AuditEntry;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** Students of the roster. */
#[OA\Schema(schema: 'StudentSent', properties: [
    new OA\Property(property: 'id', description: 'Of one who is added, made by the screen: sent again, nobody is added twice.', type: 'string', format: 'uuid'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'family_name', type: 'string'),
    new OA\Property(property: 'number', type: 'string', nullable: true),
    new OA\Property(property: 'email', type: 'string', nullable: true),
    new OA\Property(property: 'group', type: 'string', format: 'uuid'),
    new OA\Property(property: 'barred', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'left', type: 'boolean'),
])]
final class StudentController
{
    private const A_PAGE = 50;

    private const MOST_PAGES = 10_000;

    private const MOST_TIME_FACTOR = 3;

    private const WITH = ['group', 'accommodations', 'user'];

    public function __construct(private readonly School $school) {}

    #[OA\Get(path: '/students', operationId: 'students', tags: ['roster'])]
    #[OA\QueryParameter(name: 'search', description: 'In name, number and e-mail.', schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'group', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'left', description: 'Those who have left, instead of those who are here.', schema: new OA\Schema(type: 'string', enum: ['yes', 'no']))]
    #[OA\QueryParameter(name: 'page', description: 'From 1.', schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\Response(response: 200, description: 'A page, by name', content: new OA\JsonContent(ref: StudentsView::class))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $request->validate(['search' => ['nullable', 'string', 'max:200'], 'group' => ['uuid'], 'left' => ['in:yes,no'], 'page' => ['integer', 'min:1', 'max:'.self::MOST_PAGES]]);
        $found = Student::query()->when($request->filled('group'), static fn($students) => $students->where('student_group_id', $request->string('group')->toString()));
        $request->string('left')->toString() === 'yes' ? $found->whereNotNull('left_at') : $found->whereNull('left_at');
        if ($request->filled('search')) {
            $like = '%'.addcslashes($request->string('search')->toString(), '%_\\').'%';
            $found->where(static fn($students) => $students->whereLike('name', $like)->orWhereLike('number', $like)->orWhereLike('email', $like));
        }
        $count = $found->count();
        $page = $found->with(self::WITH)->orderBy('name')->orderBy('id')->offset((max(1, $request->integer('page', 1)) - 1) * self::A_PAGE)->limit(self::A_PAGE)->get();
        $today = $this->school->today();

        return new JsonResponse(new StudentsView(array_values($page->map(static fn(Student $it): StudentView => StudentView::of($it, $today))->all()), $count, self::A_PAGE));
    }

    #[OA\Post(path: '/students', operationId: 'addStudent', tags: ['roster'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/StudentSent'))]
    #[OA\Response(response: 201, description: 'Added', content: new OA\JsonContent(ref: StudentView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, ChangeStudent $changing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $says = $this->says($request, true);
        $student = $changing->add($request->string('id')->lower()->toString(), StudentGroup::query()->findOrFail($request->string('group')->toString()), ['name' => $says['name'] ?? ''] + $says, $user);

        return new JsonResponse($this->view($student), 201);
    }

    #[OA\Patch(path: '/students/{student}', operationId: 'changeStudent', description: 'Changes only what is named; another group moves the student.', tags: ['roster'])]
    #[OA\PathParameter(name: 'student', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/StudentSent'))]
    #[OA\Response(response: 200, description: 'As changed', content: new OA\JsonContent(ref: StudentView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function update(Request $request, Student $student, ChangeStudent $changing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $says = $this->says($request, false);
        DB::transaction(static function () use ($request, $student, $changing, $says, $user): void {
            $changing->change($student, $says, $user);
            if ($request->has('group')) {
                $changing->move($student, StudentGroup::query()->findOrFail($request->string('group')->toString()), $user);
            }
            if ($request->has('left')) {
                $request->boolean('left') ? $changing->leave($student, $user) : $changing->comeBack($student, $user);
            }
        });

        return new JsonResponse($this->view($student));
    }

    #[OA\Post(path: '/students/{student}/accommodations', operationId: 'allow', description: 'More time, a stool, a reader, large print: from a day to a day, with its reason.', tags: ['roster'])]
    #[OA\PathParameter(name: 'student', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['kind', 'from', 'reason'], properties: [
        new OA\Property(property: 'kind', type: 'string', enum: AccommodationKind::class),
        new OA\Property(property: 'time_factor', description: 'Of more time.', type: 'number', nullable: true),
        new OA\Property(property: 'from', type: 'string', format: 'date'),
        new OA\Property(property: 'until', type: 'string', format: 'date', nullable: true),
        new OA\Property(property: 'reason', type: 'string'),
    ]))]
    #[OA\Response(response: 201, description: 'The student', content: new OA\JsonContent(ref: StudentView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function allow(Request $request, Student $student, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        $request->validate([
            'kind' => ['required', Rule::enum(AccommodationKind::class)],
            'time_factor' => ['required_if:kind,more_time', 'nullable', 'numeric', 'gt:1', 'max:'.self::MOST_TIME_FACTOR],
            'from' => ['required', ...Day::RULES],
            'until' => ['nullable', ...Day::RULES, 'after_or_equal:from'],
            'reason' => ['required', 'string', 'max:2000'],
        ]);
        DB::transaction(static function () use ($request, $student, $user): void {
            StudentGroup::lockRoster();
            $kind = $request->enum('kind', AccommodationKind::class);
            $made = $student->accommodations()->firstOrCreate(
                ['kind' => $kind, 'time_factor' => $kind === AccommodationKind::MoreTime ? $request->float('time_factor') : null, 'from_day' => $request->string('from')->toString(), 'until_day' => $request->filled('until') ? $request->string('until')->toString() : null],
                ['reason' => trim($request->string('reason')->toString()), 'made_by' => $user->id, 'made_at' => CarbonImmutable::now()],
            );
            if ($made->wasRecentlyCreated) {
                AuditEntry::keep($user, Message::of(MessageCode::AuditAccommodationMade, ['person' => $student->name]));
            }
        });

        return new JsonResponse($this->view($student), 201);
    }

    #[OA\Delete(path: '/students/{student}/accommodations/{accommodation}', operationId: 'endAllowance', description: 'Ends it with today; one that begins later goes.', tags: ['roster'])]
    #[OA\PathParameter(name: 'student', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'accommodation', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The student', content: new OA\JsonContent(ref: StudentView::class))]
    public function end(Student $student, Accommodation $accommodation, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('enrol', Student::class);
        abort_if($accommodation->student_id !== $student->id, 404);
        $today = $this->school->today();
        // One that is over stays over: it ends on the day it ended.
        if ($accommodation->until_day !== null && $accommodation->until_day->lessThanOrEqualTo($today)) {
            return new JsonResponse($this->view($student));
        }
        DB::transaction(static function () use ($student, $accommodation, $today, $user): void {
            $accommodation->from_day->greaterThan($today) ? $accommodation->delete() : $accommodation->update(['until_day' => $today->toDateString()]);
            AuditEntry::keep($user, Message::of(MessageCode::AuditAccommodationMade, ['person' => $student->name]));
        });

        return new JsonResponse($this->view($student));
    }

    private function view(Student $student): StudentView
    {
        return StudentView::of($student->refresh()->load(self::WITH), $this->school->today());
    }

    /** @return array{name?: string, family_name?: string, number?: string|null, email?: string|null, barred?: list<string>} */
    private function says(Request $request, bool $isNew): array
    {
        $request->validate([
            ...$isNew ? ['id' => ['required', 'uuid']] : [],
            'name' => [$isNew ? 'required' : 'filled', 'string', 'max:200'],
            'family_name' => ['nullable', 'string', 'max:200'],
            'number' => ['nullable', 'string', 'max:200'],
            'email' => ['nullable', 'string', 'email', 'max:200'],
            'group' => [$isNew ? 'required' : 'filled', 'uuid'],
            'barred' => ['array'],
            'barred.*' => [Rule::in($this->school->catalogue->products->classes())],
            'left' => ['boolean'],
        ]);
        $text = static fn(string $key): string => trim($request->string($key)->toString());
        $orNull = static fn(string $it): ?string => $it === '' ? null : $it;

        return [
            ...$request->has('name') ? ['name' => $text('name')] : [],
            ...$request->has('family_name') ? ['family_name' => $text('family_name')] : [],
            ...$request->has('number') ? ['number' => $orNull($text('number'))] : [],
            ...$request->has('email') ? ['email' => $orNull(mb_strtolower($text('email')))] : [],
            ...$request->has('barred') ? ['barred' => array_values(array_filter((array) $request->input('barred'), is_string(...)))] : [],
        ];
    }
}
