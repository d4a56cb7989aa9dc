<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\RedeemCode;
use App\Http\Resources\CodeOwnerView;
use App\Http\Resources\UserView;
use App\Models\User;
use App\People\PasswordRule;
use App\School\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** The page that takes a one-time code. */
final class AccessCodeController
{
    private const SHUT = 'This code opens nothing: it is mistyped, was used, or is older than it may be. Ask your coordinator for a new one.';

    #[OA\Post(path: '/code/look', operationId: 'lookAtCode', tags: ['session'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['code'], properties: [new OA\Property(property: 'code', type: 'string')]))]
    #[OA\Response(response: 200, description: 'Whose it is', content: new OA\JsonContent(ref: CodeOwnerView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 429, ref: '#/components/responses/Problem')]
    public function show(Request $request, RedeemCode $redeeming): JsonResponse
    {
        return new JsonResponse(CodeOwnerView::of($this->person($request, $redeeming)));
    }

    #[OA\Post(path: '/code', operationId: 'redeemCode', description: 'Sets a password with a code, and signs its person in.', tags: ['session'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['code', 'password'], properties: [new OA\Property(property: 'code', type: 'string'), new OA\Property(property: 'password', type: 'string')]))]
    #[OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: UserView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 429, ref: '#/components/responses/Problem')]
    public function store(Request $request, RedeemCode $redeeming, School $school): JsonResponse
    {
        $person = $this->person($request, $redeeming);
        $request->validate(['password' => ['required', 'string', new PasswordRule([$person->name, $person->email, $school->settings->name])]]);
        $person = $redeeming->redeem($request->string('code')->toString(), $request->string('password')->toString()) ?? throw ValidationException::withMessages(['code' => self::SHUT]);
        Auth::guard('web')->login($person);
        $request->session()->regenerate();

        return new JsonResponse(UserView::of($person, $school));
    }

    private function person(Request $request, RedeemCode $redeeming): User
    {
        $request->validate(['code' => ['required', 'string', 'max:40']]);

        return $redeeming->personOf($request->string('code')->toString()) ?? throw ValidationException::withMessages(['code' => self::SHUT]);
    }
}
