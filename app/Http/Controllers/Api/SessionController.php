<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Resources\UserView;
use App\Models\User;
use App\School\School;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class SessionController
{
    #[OA\Get(path: '/session', operationId: 'whoAmI', tags: ['session'])]
    #[OA\Response(response: 200, description: 'Who is signed in', content: new OA\JsonContent(ref: UserView::class))]
    #[OA\Response(response: 204, description: 'Nobody is')]
    public function show(#[CurrentUser('sanctum')] ?User $user, School $school): JsonResponse|Response
    {
        return $user === null ? new Response(status: 204) : new JsonResponse(UserView::of($user, $school));
    }

    #[OA\Post(path: '/session', operationId: 'signIn', tags: ['session'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['email', 'password'], properties: [
        new OA\Property(property: 'email', type: 'string'),
        new OA\Property(property: 'password', type: 'string'),
    ]))]
    #[OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: UserView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 429, ref: '#/components/responses/Problem')]
    public function store(Request $request, School $school): JsonResponse
    {
        $request->validate(['email' => ['required', 'string', 'max:255'], 'password' => ['required', 'string', 'max:255']]);
        $credentials = ['email' => mb_strtolower($request->string('email')->toString()), 'password' => $request->string('password')->toString(), 'left_at' => null];
        if (! Auth::guard('web')->attempt($credentials)) {
            throw ValidationException::withMessages(['email' => 'That name and password do not go together.']);
        }
        $request->session()->regenerate();
        $user = $request->user('web');

        return new JsonResponse($user instanceof User ? UserView::of($user, $school) : null);
    }

    #[OA\Delete(path: '/session', operationId: 'signOut', tags: ['session'])]
    #[OA\Response(response: 204, description: 'Signed out')]
    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }
}
