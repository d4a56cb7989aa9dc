<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Problem;
use App\Models\User;
use DeftBlade\Core\Sentence\Sentences;
use Illuminate\Database\QueryException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class SessionTest extends TestCase
{
    public function testSignsInAndOut(): void
    {
        $this->postJson('/api/v1/session', ['email' => 'Marit@tollgate-quay.example', 'password' => 'larder-week'])
            ->assertOk()->assertJson(['name' => 'Marit Oyelaran', 'role' => 'instructor', 'may_capture' => true]);
        $this->getJson('/api/v1/session')->assertOk();
        $this->deleteJson('/api/v1/session')->assertNoContent();
        $this->app?->make('auth')->forgetGuards();
        $this->getJson('/api/v1/session')->assertNoContent();
    }

    public function testAWrongPasswordIsRefusedInWordsAndThenThrottled(): void
    {
        $try = fn(string $password) => $this->postJson('/api/v1/session', ['email' => 'marit@tollgate-quay.example', 'password' => $password]);
        for ($times = 0; $times < 5; $times++) {
            $try('guess')->assertUnprocessable()
                ->assertHeader('Content-Type', 'application/problem+json')
                ->assertJson(['status' => 422, 'errors' => [['path' => 'email', 'detail' => 'That name and password do not go together.']]]);
        }
        $try('larder-week')->assertTooManyRequests()->assertHeader('Retry-After')->assertJson(['title' => 'Too many tries']);
    }

    public function testGuessingAtOneAccountFromManyAddressesIsSlowedToo(): void
    {
        config(['auth.timebox_duration' => 0]);
        $try = fn(string $password, string $address) => $this->withServerVariables(['REMOTE_ADDR' => $address])->postJson('/api/v1/session', ['email' => 'marit@tollgate-quay.example', 'password' => $password]);
        for ($times = 0; $times < 20; $times++) {
            $try('guess', '192.0.2.'.intdiv($times, 4))->assertUnprocessable();
        }
        $try('larder-week', '192.0.2.99')->assertTooManyRequests();
        $this->travel(61)->seconds();
        $try('larder-week', '192.0.2.99')->assertOk();
    }

    /** RFC 7239 names the danger: whoever asks can write what they like into the header. */
    public function testOnlyAProxyThatIsTrustedSaysWhereARequestComesFrom(): void
    {
        config(['auth.timebox_duration' => 0]);
        $try = fn(string $from) => $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.1'])->postJson('/api/v1/session', ['email' => "$from@tollgate-quay.example", 'password' => 'guess'], ['X-Forwarded-For' => "192.0.2.$from"]);
        config(['trustedproxy.proxies' => ['10.0.0.1']]);
        for ($person = 0; $person < 31; $person++) {
            $try((string) $person)->assertUnprocessable();
        }
        config(['trustedproxy.proxies' => null]);
        for ($person = 31; $person < 61; $person++) {
            $try((string) $person)->assertUnprocessable();
        }
        $try('61')->assertTooManyRequests();
    }

    public function testPasswordsAreHashed(): void
    {
        $stored = User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail()->getAuthPassword();
        self::assertTrue(password_verify('larder-week', $stored));
        self::assertNotSame('larder-week', $stored);
    }

    #[DataProvider('guarded')]
    public function testNothingIsShownToWhoIsSignedOut(string $method, string $path): void
    {
        $path = strtr($path, ['{a}' => $this->practical()->id, '{t}' => $this->station(1)->id]);
        $this->json($method, "/api/v1$path")->assertUnauthorized()
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertJson(['type' => 'urn:deft-blade:problem:signed-out', 'status' => 401]);
    }

    /** @return list<array{string, string}> */
    public static function guarded(): array
    {
        return [
            ['GET', '/assessments/{a}/package'], ['GET', '/assessments/{a}/captures'], ['POST', '/assessments/{a}/release'], ['GET', '/attempts/{t}'],
            ['POST', '/attempts/{t}/captures'], ['GET', '/attempts/{t}/verdict'], ['GET', '/attempts/{t}/released'], ['GET', '/results'], ['GET', '/scale'],
            ['POST', '/attempts/{t}/pan'],
        ];
    }

    public function testThePageCarriesItsSecurityHeaders(): void
    {
        $response = $this->get('/');
        $response->assertOk()->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY');
        $policy = (string) $response->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self' 'nonce-", $policy);
        self::assertStringNotContainsString('unsafe-inline', $policy);
    }

    public function testThePageSaysWhetherSomebodyIsSignedIn(): void
    {
        $this->get('/')->assertOk()->assertDontSee('signed-in');
        $this->as('marit')->get('/')->assertOk()->assertSee('<meta name="signed-in" content="yes">', escape: false);
    }

    /** PostgreSQL 15, appendix A: connection_failure, cannot_connect_now, admin_shutdown; and what is no fault of the connection. */
    #[TestWith(['08006', 'connection refused', 503])]
    #[TestWith(['25006', 'cannot execute INSERT in a read-only transaction', 503])]
    #[TestWith(['HY000', 'FATAL:  server login has been failing, try again later (server_login_retry)', 503])]
    #[TestWith(['57P03', 'the database system is starting up', 503])]
    #[TestWith(['57P01', 'terminating connection due to administrator command', 503])]
    #[TestWith(['HY000', 'server closed the connection unexpectedly', 503])]
    #[TestWith(['22P02', 'invalid input syntax for type uuid', 500])]
    public function testADatabaseThatIsAwayIsNoFaultOfWhatWasSent(string $state, string $said, int $status): void
    {
        $thrown = new \PDOException("SQLSTATE[$state] [7] $said");
        $thrown->errorInfo = [$state, 7, $said];
        $problem = Problem::of(new QueryException('pgsql', 'select 1', [], $thrown), static fn(): Sentences => Sentences::plain(null));
        self::assertSame($status, $problem->status);
        self::assertStringNotContainsString('SQL', $problem->detail);
    }

    public function testAFaultShowsNoTrace(): void
    {
        $this->as('marit')->getJson('/api/v1/attempts/not-an-id')->assertUnprocessable()->assertJsonPath('errors.0.path', 'attempt');
        $this->getJson('/api/v1/attempts/01a21098-6cb4-737b-a221-20936c1a0249')->assertNotFound()->assertJson(['title' => 'Not found']);
        config(['scale.pan' => 'tcp://127.0.0.1:1']);
        $response = $this->postJson("/api/v1/attempts/{$this->station(12)->id}/pan", ['action' => 'zero']);
        $response->assertServiceUnavailable()->assertJson(['title' => 'The scale does not answer']);
        self::assertStringNotContainsString('Stack', (string) $response->getContent());
    }
}
