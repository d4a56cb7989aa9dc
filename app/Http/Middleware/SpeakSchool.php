<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\School\School;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says every answer for people in the words and units of the school. Documents and packages are data and pass by another way. */
final readonly class SpeakSchool
{
    public function __construct(private Container $container) {}

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        $vocabulary = $this->container->make(School::class)->vocabulary();
        if ($response instanceof JsonResponse && ! $vocabulary->isPlain()) {
            $response->setData($vocabulary->speak($response->getData()));
        }

        return $response;
    }
}
