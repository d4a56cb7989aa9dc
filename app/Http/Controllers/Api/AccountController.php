<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\EndSessions;
use App\Models\AuditEntry;
use App\Models\User;
use App\People\PasswordRule;
use App\School\School;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use OpenApi\Attributes as OA;

/** What everybody does with their own account. */
final class AccountController
{
    #[OA\Put(path: '/account/password', operationId: 'changePassword', description: 'Changes one\'s own password; every other device is signed out.', tags: ['session'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['current', 'password'], properties: [new OA\Property(property: 'current', type: 'string'), new OA\Property(property: 'password', type: 'string')]))]
    #[OA\Response(response: 204, description: 'Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function password(Request $request, School $school, EndSessions $ending, #[CurrentUser] User $user): Response
    {
        $request->validate([
            'current' => ['required', 'string', static fn(string $key, mixed $value, \Closure $fail) => is_string($value) && Hash::check($value, (string) $user->password) ? null : $fail('is not your password')],
            'password' => ['required', 'string', new PasswordRule([$user->name, $user->email, $school->settings->name])],
        ]);
        DB::transaction(static function () use ($request, $ending, $user): void {
            $user->update(['password' => $request->string('password')->toString()]);
            $ending->of($user, $request->session()->getId());
            AuditEntry::keep($user, Message::of(MessageCode::AuditPasswordSet, ['person' => $user->name]));
        });

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/account/sessions', operationId: 'signOutEverywhere', description: 'Signs oneself out on every device, this one too.', tags: ['session'])]
    #[OA\Response(response: 204, description: 'Signed out')]
    public function signOut(EndSessions $ending, #[CurrentUser] User $user): Response
    {
        $ending->of($user);
        AuditEntry::keep($user, Message::of(MessageCode::AuditSignedOut, ['person' => $user->name]));

        return new Response(status: 204);
    }
}
