<?php

declare(strict_types=1);

use App\Actions\Conflict;
use App\Actions\InvalidDocument;
use App\Actions\OutOfDate;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StatefulRequests;
use App\Http\OtherPerson;
use App\Http\Problem;
use App\School\School;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Sentence\Sentences;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;

$application = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
        apiPrefix: 'api/v1',
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->append(SecurityHeaders::class);
        $middleware->api(prepend: [StatefulRequests::class]);
        $middleware->redirectGuestsTo('/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        // What is told to whoever asked is no fault of the server.
        $exceptions->dontReport([InvalidPackage::class, InvalidDocument::class, Conflict::class, OtherPerson::class, OutOfDate::class]);
        // Request::is() matches nothing where the address is no UTF-8.
        $isApi = static fn(Request $request): bool => str_starts_with($request->path(), 'api/');
        $exceptions->shouldRenderJsonWhen(static fn(Request $request): bool => $isApi($request) || $request->expectsJson());
        // Where the settings of the school are what cannot be read, it is said in plain English.
        $sentences = static fn(): Sentences => rescue(static fn(): Sentences => app(School::class)->sentences(), static fn(): Sentences => Sentences::plain(null), report: false);
        $exceptions->render(static fn(Throwable $problem, Request $request) => $isApi($request) ? Problem::of($problem, $sentences)->toResponse($request) : null);
    })
    ->create();

// Everything a run writes lives with its state, so that a test run leaves a running demo alone.
if (is_string($state = getenv('DEFT_BLADE_STATE')) && $state !== '') {
    $application->useStoragePath("$state/laravel");
}

return $application;
