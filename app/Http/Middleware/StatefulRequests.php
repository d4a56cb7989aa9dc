<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

/** Who is signed in, also where a print or an export is opened from the address bar or a bookmark: a browser names no page it comes from then. */
final class StatefulRequests extends EnsureFrontendRequestsAreStateful
{
    /** What the browser says of where a request comes from (W3C Fetch Metadata): the person, or a page of this application. */
    private const OURS = ['none', 'same-origin'];

    /** @param Request $request */
    public static function fromFrontend($request): bool
    {
        return parent::fromFrontend($request) || ($request->isMethodSafe() && in_array($request->headers->get('Sec-Fetch-Site'), self::OURS, true));
    }
}
