<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Middleware\GiveSession;
use App\Http\ScaleEvents;
use App\Live\Push;
use App\Photos\PhotoStore;
use App\Scale\ScaleLine;
use App\Scale\ScalePan;
use App\School\KeptSchool;
use App\School\School;
use App\Sessions\EndedSessions;
use App\Sessions\OpenSessions;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\Response;

final class AppServiceProvider extends ServiceProvider
{
    private const FAILURES_A_MINUTE = 5;

    /** At 20 a minute somebody would try one of 2^60 codes in a thousand million years. */
    private const CODES_A_MINUTE_FROM_ONE_ADDRESS = 20;

    private const FAILURES_A_MINUTE_FROM_ONE_ADDRESS = 30;

    /** From all addresses together, so that guessing from many of them is slow too; a minute at most, so that nobody keeps an assessor out of their exam. */
    private const FAILURES_A_MINUTE_OF_ONE_ACCOUNT = 20;

    public function register(): void
    {
        $this->app->singleton('session', static fn(Application $app): OpenSessions => new OpenSessions($app));
        $this->app->singleton(StartSession::class, static fn(Application $app): GiveSession => new GiveSession($app->make('session')));
        $this->app->singleton(KeptSchool::class);
        $this->app->bind(School::class, static fn(Application $app): School => $app->make(KeptSchool::class)->inForce());
        $this->app->singleton(Push::class, static fn(): Push => new Push(is_string($address = config('live.publish')) ? $address : null));
        $this->app->bind(PhotoStore::class, static fn(): PhotoStore => new PhotoStore(Storage::disk()));
        $this->app->bind(ScaleEvents::class, static fn(Application $app): ScaleEvents => new ScaleEvents($app->make(ScaleLine::class), $app->make(School::class)->sentences()));
        $this->app->bind(ScaleLine::class, static fn(): ScaleLine => new ScaleLine(config()->string('scale.reports')));
        $this->app->bind(ScalePan::class, static fn(): ScalePan => new ScalePan(config()->string('scale.pan')));
    }

    public function boot(): void
    {
        Session::extend('database', static fn(Application $app): EndedSessions => new EndedSessions($app->make('db')->connection(), config()->string('session.table'), config()->integer('session.lifetime'), $app));
        Model::shouldBeStrict(! $this->app->isProduction());
        JsonResource::withoutWrapping();
        $failed = static fn(Response $response): bool => ! $response->isSuccessful();
        RateLimiter::for('code', static fn(Request $request): Limit => Limit::perMinute(self::CODES_A_MINUTE_FROM_ONE_ADDRESS)->by((string) $request->ip())->after($failed));
        RateLimiter::for('sign-in', static fn(Request $request): array => [
            Limit::perMinute(self::FAILURES_A_MINUTE)->by(mb_strtolower($request->string('email')->toString()).'|'.$request->ip())->after($failed),
            Limit::perMinute(self::FAILURES_A_MINUTE_FROM_ONE_ADDRESS)->by((string) $request->ip())->after($failed),
            Limit::perMinute(self::FAILURES_A_MINUTE_OF_ONE_ACCOUNT)->by('account|'.mb_strtolower($request->string('email')->toString()))->after($failed),
        ]);
    }
}
