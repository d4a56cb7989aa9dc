<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use Database\Seeders\DemoScenario;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Str;

/** The application over a real PostgreSQL, with the demo school in it; each test leaves it as it was. */
abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;
    use RepeatsWrites;

    protected bool $seed = true;

    protected string $seeder = DemoScenario::class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withHeader('Referer', config()->string('app.url'));
    }

    /** @inheritdoc */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $send = fn() => parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        $answer = $send();
        if ($answer->isSuccessful()) {
            $this->sendAgain($method, $uri, static fn(): int => $send()->getStatusCode());
        }

        return $answer;
    }

    protected function as(string $account): static
    {
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();

        return $this->actingAs(User::query()->where('email', "$account@tollgate-quay.example")->firstOrFail());
    }

    protected function practical(): Assessment
    {
        return Assessment::query()->where('title', 'Chicken eight-piece')->firstOrFail();
    }

    protected function rehearsal(): Assessment
    {
        return Assessment::query()->where('title', 'Chicken eight-piece, rehearsal')->firstOrFail();
    }

    protected function station(int $number): Attempt
    {
        return $this->practical()->attempts()->whereRelation('row', 'station', $number)->firstOrFail();
    }

    /**
     * A log without the terms an attempt was set up under.
     *
     * @return list<array<string, mixed>>
     */
    protected static function happened(mixed $log): array
    {
        $isTerm = static fn(mixed $line): bool => in_array(data_get($line, 'entry.capture.kind'), ['station', 'standard', 'allowance', 'resit'], true);

        return array_values(array_filter((array) $log, static fn(mixed $line): bool => ! $isTerm($line)));
    }

    /**
     * @param array<string, mixed> $fact
     *
     * @return array<string, mixed>
     */
    protected static function capture(array $fact): array
    {
        return $fact + ['id' => (string) Str::uuid7(), 'at' => now()->utc()->format('Y-m-d\TH:i:s.v\Z')];
    }
}
