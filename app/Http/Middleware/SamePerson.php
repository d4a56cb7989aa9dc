<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OtherPerson;
use App\Models\User;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a device kept for one person is not taken for another's: a request that says whose it is comes through only where they are signed in. */
final class SamePerson
{
    private const HEADER = 'X-Deft-Blade-Person';

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $said = $request->headers->get(self::HEADER);
        $user = $request->user();
        if ($said !== null && ! ($user instanceof User && $user->id === $said)) {
            throw new OtherPerson();
        }

        return $next($request);
    }
}
