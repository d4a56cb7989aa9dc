<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\FoundSchool;
use App\Http\Resources\StartView;
use App\Http\Resources\UserView;
use App\People\PasswordRule;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use OpenApi\Attributes as OA;

/** The first page of a school that has nobody yet. */
final class StartController
{
    #[OA\Get(path: '/start', operationId: 'start', tags: ['session'])]
    #[OA\Response(response: 200, description: 'Whether the school waits for its first coordinator', content: new OA\JsonContent(ref: StartView::class))]
    public function show(School $school): JsonResponse
    {
        return new JsonResponse(StartView::of($school));
    }

    #[OA\Post(path: '/start', operationId: 'foundSchool', description: 'Makes the first coordinator and the settings of the school, and signs them in; only while there is nobody.', tags: ['session'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'email', 'password', 'school'], properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'email', type: 'string'),
        new OA\Property(property: 'password', type: 'string'),
        new OA\Property(property: 'school', description: 'As in a change of the school.', type: 'object', properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'currency', type: 'string'),
            new OA\Property(property: 'units', type: 'string'),
            new OA\Property(property: 'time_zone', type: 'string'),
            new OA\Property(property: 'words', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        ]),
    ]))]
    #[OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: UserView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, FoundSchool $founding, ShippedDocuments $shipped): JsonResponse
    {
        $text = static fn(string $key): string => trim($request->string($key)->toString());
        $school = Node::decode($request->getContent())->keys(['name', 'email', 'password', 'school'])->at('school');
        $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'email', 'max:255'],
            'password' => ['required', 'string', new PasswordRule([$text('name'), $text('email'), $school->textOf('name', '')])],
        ]);
        $first = $founding->found($text('name'), $text('email'), $request->string('password')->toString(), $school->document());
        Auth::guard('web')->login($first);
        $request->session()->regenerate();

        return new JsonResponse(UserView::of($first, School::inForce($shipped)));
    }
}
