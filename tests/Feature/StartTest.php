<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\User;
use Database\Seeders\ShippedStandards;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A school that begins with nobody in it. */
final class StartTest extends TestCase
{
    protected string $seeder = ShippedStandards::class;

    private const FIRST = [
        'name' => 'Ilse Karimova', 'email' => 'Ilse@tollgate-quay.example', 'password' => 'four spoons under a quiet lamp',
        'school' => ['name' => 'Tollgate Quay School of Cookery', 'time_zone' => 'Pacific/Auckland', 'currency' => 'NZD', 'units' => 'metric', 'words' => ['frame' => 'bones']],
    ];

    protected function setUp(): void
    {
        // The other tests begin with the demo.
        RefreshDatabaseState::$migrated = false;
        parent::setUp();
    }

    protected function tearDown(): void
    {
        RefreshDatabaseState::$migrated = false;
        parent::tearDown();
    }

    public function testTheFirstPageMakesTheFirstCoordinatorAndTheSchool(): void
    {
        $this->getJson('/api/v1/start')->assertOk()->assertJsonPath('is_empty', true)->assertJsonPath('least_password', 15);
        $this->start(self::FIRST)->assertOk()->assertJson(['name' => 'Ilse Karimova', 'role' => 'coordinator', 'time_zone' => 'Pacific/Auckland', 'may_manage_people' => true]);
        $this->getJson('/api/v1/school')->assertOk()->assertJson(['name' => 'Tollgate Quay School of Cookery', 'currency' => 'NZD', 'time_zone' => 'Pacific/Auckland', 'units' => 'metric']);
        self::assertSame(['bones'], array_values(array_intersect(['bones'], array_column((array) $this->getJson('/api/v1/school')->json('words'), 'chosen'))));
        $this->getJson('/api/v1/standards')->assertOk()->assertJsonCount(PublishedStandard::query()->count());
        self::assertSame(1, PublishedPolicy::query()->count());
        self::assertContains('Ilse Karimova began the school', array_column((array) $this->getJson('/api/v1/changes')->json('changes'), 'text'));
        $this->getJson('/api/v1/bench')->assertOk()->assertJsonPath('today', []);
    }

    public function testThereIsOneFirst(): void
    {
        $this->start(self::FIRST)->assertOk();
        $this->getJson('/api/v1/start')->assertJsonPath('is_empty', false);
        $this->start(['email' => 'late@tollgate-quay.example'] + self::FIRST)->assertConflict();
        self::assertSame(1, User::query()->count());
    }

    public function testWhatIsWrongIsSaidAndNothingIsKept(): void
    {
        $this->start(['password' => 'tollgate quay school'] + self::FIRST)->assertUnprocessable()->assertJsonPath('errors.0.path', 'password');
        $this->start(['email' => 'no address'] + self::FIRST)->assertUnprocessable()->assertJsonPath('errors.0.path', 'email');
        foreach (['time_zone' => 'Mars/Olympus', 'currency' => 'ESP', 'units' => 'stone', 'words' => ['frame' => 'chassis'], 'colour' => 'red'] as $key => $value) {
            $answer = $this->start(['school' => [$key => $value] + self::FIRST['school']] + self::FIRST)->assertUnprocessable();
            self::assertStringStartsWith("school.$key", (string) $answer->json('errors.0.path'));
        }
        self::assertTrue(User::query()->doesntExist());
        $this->start(self::FIRST)->assertOk();
    }

    public function testTheCommandSaysWhetherThereIsAnybody(): void
    {
        $this->artisan('school:is-empty')->assertSuccessful();
        $this->start(self::FIRST)->assertOk();
        $this->artisan('school:is-empty')->assertFailed();
    }

    /** @param array<string, mixed> $body */
    private function start(array $body): TestResponse
    {
        return $this->postJson('/api/v1/start', $body);
    }
}
