<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ChangePerson;
use App\Actions\InvitePerson;
use App\Actions\IssueCode;
use App\Http\Resources\IssuedCodeView;
use App\Http\Resources\PersonView;
use App\Models\Role;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** The people who work at the school. Students are on the roster. */
final class PersonController
{
    #[OA\Get(path: '/people', operationId: 'people', tags: ['people'])]
    #[OA\Response(response: 200, description: 'Everybody who works here or did, by name', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PersonView::class)))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function index(): JsonResponse
    {
        Gate::authorize('manage', User::class);
        $people = User::query()->with('openCodes')->where('role', '<>', Role::Student)->orderBy('name')->get();

        return new JsonResponse(array_values($people->map(PersonView::of(...))->all()));
    }

    #[OA\Post(path: '/people', operationId: 'invite', description: 'Makes an account, and the one-time code with which its person sets a password.', tags: ['people'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'email', 'role'], properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'email', type: 'string'),
        new OA\Property(property: 'role', type: 'string', enum: ['instructor', 'assessor', 'coordinator']),
    ]))]
    #[OA\Response(response: 201, description: 'Invited', content: new OA\JsonContent(ref: IssuedCodeView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, InvitePerson $inviting, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('manage', User::class);
        $request->validate(['name' => ['required', 'string', 'max:120'], 'email' => ['required', 'string', 'email', 'max:255'], 'role' => ['required', self::staffRole()]]);
        $issued = $inviting->invite(trim($request->string('name')->toString()), trim($request->string('email')->toString()), $request->enum('role', Role::class) ?? Role::Assessor, $user);

        return new JsonResponse(IssuedCodeView::of($issued), 201);
    }

    #[OA\Patch(path: '/people/{person}', operationId: 'changePerson', description: 'Changes only what is named. Who leaves is signed out everywhere and keeps what they took down.', tags: ['people'])]
    #[OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'email', type: 'string'),
        new OA\Property(property: 'role', type: 'string', enum: ['instructor', 'assessor', 'coordinator']),
        new OA\Property(property: 'in_training', description: 'What they mark is marked a second time.', type: 'boolean'),
        new OA\Property(property: 'left', type: 'boolean'),
    ]))]
    #[OA\Response(response: 200, description: 'As changed', content: new OA\JsonContent(ref: PersonView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function update(Request $request, User $person, ChangePerson $changing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('change', $person);
        $request->validate(['name' => ['string', 'filled', 'max:120'], 'email' => ['string', 'email', 'max:255'], 'role' => [self::staffRole()], 'in_training' => ['boolean'], 'left' => ['boolean']]);
        if ($request->has('name')) {
            $changing->rename($person, trim($request->string('name')->toString()), $user);
        }
        if ($request->has('email')) {
            $changing->readdress($person, trim($request->string('email')->toString()), $user);
        }
        $role = $request->enum('role', Role::class);
        if ($role !== null) {
            $changing->giveRole($person, $role, $user);
        }
        if ($request->has('in_training')) {
            $changing->train($person, $request->boolean('in_training'), $user);
        }
        if ($request->has('left')) {
            $request->boolean('left') ? $changing->leave($person, $user) : $changing->comeBack($person, $user);
        }

        return new JsonResponse(PersonView::of($person->load('openCodes')));
    }

    #[OA\Post(path: '/people/{person}/code', operationId: 'issueCode', description: 'A new one-time code; an earlier one opens nothing any more.', tags: ['people'])]
    #[OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 201, description: 'Made', content: new OA\JsonContent(ref: IssuedCodeView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    public function code(User $person, IssueCode $issuing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('change', $person);

        return new JsonResponse(IssuedCodeView::of($issuing->issue($person, $user)), 201);
    }

    private static function staffRole(): \Illuminate\Validation\Rules\Enum
    {
        return Rule::enum(Role::class)->except(Role::Student);
    }
}
