<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Sessions\OpenSession;
use Illuminate\Contracts\Session\Session;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * Gives the browser the id of its session where the session is written down, not with every answer: one that comes late, from before somebody signed in in
 * another tab, would give it the id of before, and sign them out.
 */
final class GiveSession extends StartSession
{
    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if ($session instanceof OpenSession && ! $session->isToBeWritten()) {
            return;
        }
        parent::addCookieToResponse($response, $session);
    }
}
