<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AccessCode;
use App\Models\AuditEntry;
use App\Models\Capture;
use App\Models\Role;
use App\Models\User;
use App\Notifications\AccessCodeSent;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** People are invited, come with a code, change, leave and come back. */
final class PeopleTest extends TestCase
{
    private const PASSWORD = 'four spoons under a quiet lamp';

    public function testSomebodyInvitedComesWithTheirCodeOnce(): void
    {
        $code = $this->as('ilse')->postJson('/api/v1/people', ['name' => 'Bruno Tadić', 'email' => 'Bruno@tollgate-quay.example', 'role' => 'assessor'])
            ->assertCreated()->assertJsonPath('name', 'Bruno Tadić')->assertJsonPath('is_mailed', false)->json('code');
        self::assertMatchesRegularExpression('/^[0-9A-HJKMNP-TV-Z]{4}(-[0-9A-HJKMNP-TV-Z]{4}){2}$/', $code);
        self::assertStringNotContainsString(str_replace('-', '', $code), (string) json_encode(DB::table('access_codes')->get()));
        $this->signOut();
        $this->postJson('/api/v1/session', ['email' => 'bruno@tollgate-quay.example', 'password' => ''])->assertUnprocessable();
        // As it may be typed on a phone: small letters, blanks, O for zero, l for one.
        $typed = strtolower(strtr($code, ['-' => ' ', '0' => 'O', '1' => 'l']));
        $this->postJson('/api/v1/code/look', ['code' => $typed])->assertOk()->assertExactJson(['name' => 'Bruno Tadić', 'email' => 'bruno@tollgate-quay.example', 'least_password' => 15]);
        $this->postJson('/api/v1/code', ['code' => $typed, 'password' => 'short'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'password');
        $this->postJson('/api/v1/code', ['code' => $typed, 'password' => self::PASSWORD])->assertOk()->assertJsonPath('role', 'assessor');
        $this->getJson('/api/v1/bench')->assertOk();
        $this->signOut();
        $this->postJson('/api/v1/code', ['code' => $typed, 'password' => self::PASSWORD])->assertUnprocessable()->assertJsonPath('errors.0.path', 'code');
        $this->postJson('/api/v1/session', ['email' => 'bruno@tollgate-quay.example', 'password' => self::PASSWORD])->assertOk();
    }

    public function testAnAddressIsOnePersonS(): void
    {
        $this->as('ilse')->postJson('/api/v1/people', ['name' => 'Another', 'email' => 'MARIT@tollgate-quay.example', 'role' => 'assessor'])->assertConflict();
        $this->patchJson("/api/v1/people/{$this->person('teodor')->id}", ['email' => 'Marit@tollgate-quay.example'])->assertConflict();
        $this->postJson('/api/v1/people', ['name' => 'A student', 'email' => 'x@tollgate-quay.example', 'role' => 'student'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'role');
        $this->postJson('/api/v1/people', ['name' => ' ', 'email' => 'no address', 'role' => 'assessor'])->assertUnprocessable()->assertJsonCount(2, 'errors');
    }

    public function testACodeEndsWithTheNextOneWithItsTimeAndWithItsPerson(): void
    {
        $teodor = $this->person('teodor');
        $issue = fn(): string => (string) $this->as('ilse')->postJson("/api/v1/people/{$teodor->id}/code")->assertCreated()->json('code');
        $opens = function (string $code): bool {
            $this->signOut();

            return $this->postJson('/api/v1/code/look', ['code' => $code])->getStatusCode() === 200;
        };
        [$first, $second] = [$issue(), $issue()];
        self::assertSame([false, true], [$opens($first), $opens($second)]);
        $this->travel(7)->days();
        $this->travel(1)->seconds();
        self::assertFalse($opens($second));
        $this->travelBack();
        $third = $issue();
        $this->patchJson("/api/v1/people/{$teodor->id}", ['left' => true])->assertOk()->assertJsonPath('left_at', fn(?string $at): bool => $at !== null);
        self::assertFalse($opens($third));
        $this->as('ilse')->postJson("/api/v1/people/{$teodor->id}/code")->assertConflict();
        self::assertFalse($opens('0000-0000-0000'));
        self::assertFalse($opens('not a code'));
    }

    public function testWhoLeavesIsSignedOutAndKeepsWhatTheyTookDown(): void
    {
        $teodor = $this->person('teodor');
        $fact = self::capture(['kind' => 'note', 'text' => 'Seen']);
        $this->as('teodor')->postJson("/api/v1/attempts/{$this->station(12)->id}/captures", ['device' => 'test', 'captures' => [$fact]])->assertOk();
        DB::table('sessions')->insert(['id' => 'tablet', 'user_id' => $teodor->id, 'payload' => '', 'last_activity' => 0]);
        DB::table('sessions')->insert(['id' => 'other', 'user_id' => $this->person('marit')->id, 'payload' => '', 'last_activity' => 0]);
        $this->as('ilse')->patchJson("/api/v1/people/{$teodor->id}", ['left' => true])->assertOk();
        self::assertSame(['other'], DB::table('sessions')->whereIn('id', ['tablet', 'other'])->pluck('id')->all());
        $this->signOut();
        $this->postJson('/api/v1/session', ['email' => 'teodor@tollgate-quay.example', 'password' => 'larder-week'])->assertUnprocessable();
        self::assertSame('Teodor Vance', Capture::query()->with('user')->findOrFail($fact['id'])->user->name);

        $this->as('ilse')->patchJson("/api/v1/people/{$teodor->id}", ['left' => false])->assertOk()->assertJsonPath('left_at', null);
        $this->signOut();
        $this->postJson('/api/v1/session', ['email' => 'teodor@tollgate-quay.example', 'password' => 'larder-week'])->assertOk();
    }

    public function testTheLastCoordinatorStays(): void
    {
        $ilse = $this->person('ilse');
        foreach ([['left' => true], ['role' => 'instructor']] as $change) {
            $this->as('ilse')->patchJson("/api/v1/people/{$ilse->id}", $change)->assertConflict()->assertJsonPath('detail', 'Ilse Karimova is the last coordinator; make somebody else one first.');
        }
        // Somebody who was invited and has not come is no second one.
        $this->postJson('/api/v1/people', ['name' => 'Next', 'email' => 'next@tollgate-quay.example', 'role' => 'coordinator'])->assertCreated();
        $this->patchJson("/api/v1/people/{$ilse->id}", ['left' => true])->assertConflict();
        $this->patchJson("/api/v1/people/{$this->person('marit')->id}", ['role' => 'coordinator'])->assertOk()->assertJsonPath('role', 'coordinator');
        $this->patchJson("/api/v1/people/{$ilse->id}", ['role' => 'assessor'])->assertOk();
        $this->as('ilse')->getJson('/api/v1/people')->assertForbidden();
    }

    public function testEveryChangeIsKeptWithItsAuthor(): void
    {
        $teodor = $this->person('teodor');
        $this->as('ilse')->patchJson("/api/v1/people/{$teodor->id}", ['name' => 'Teodor {frame} Vance', 'role' => 'instructor'])->assertOk();
        $this->patchJson("/api/v1/people/{$teodor->id}", ['role' => 'instructor'])->assertOk();
        $this->patchJson("/api/v1/people/{$teodor->id}", ['left' => true])->assertOk();
        $changes = (array) $this->getJson('/api/v1/changes')->assertOk()->json('changes');
        self::assertSame([
            'Teodor {frame} Vance left',
            'Teodor {frame} Vance: role from assessor to instructor',
            'Teodor Vance: name from Teodor Vance to Teodor {frame} Vance',
        ], array_slice(array_column($changes, 'text'), 0, 3));
        self::assertSame('Ilse Karimova', $changes[0]['by']);
        $refused = null;
        try {
            DB::transaction(static fn() => AuditEntry::query()->update(['at' => now()]));
        } catch (\Illuminate\Database\QueryException $problem) {
            $refused = $problem->getMessage();
        }
        self::assertStringContainsString('append-only', (string) $refused);
    }

    public function testWhatHappensElsewhereIsAmongTheChangesPageByPage(): void
    {
        $this->as('marit')->postJson("/api/v1/assessments/{$this->practical()->id}/release", [])->assertOk();
        foreach (range(1, 60) as $time) {
            AuditEntry::keep($this->person('marit'), AuditEntry::query()->latest('seq')->firstOrFail()->message());
        }
        $first = $this->as('ilse')->getJson('/api/v1/changes')->assertOk()->assertJsonCount(50, 'changes');
        self::assertSame('Chicken eight-piece: 6 results released', $first->json('changes.0.text'));
        $second = $this->getJson("/api/v1/changes?before={$first->json('before')}")->assertOk();
        self::assertSame([], array_intersect(array_column((array) $first->json('changes'), 'seq'), array_column((array) $second->json('changes'), 'seq')));
        self::assertNull($second->json('before'));
    }

    public function testOnesOwnPasswordIsChangedAndOtherDevicesAreSignedOut(): void
    {
        $marit = $this->person('marit');
        DB::table('sessions')->insert(['id' => 'tablet', 'user_id' => $marit->id, 'payload' => '', 'last_activity' => 0]);
        $marit->createToken('script');
        $change = fn(string $current, string $password) => $this->as('marit')->putJson('/api/v1/account/password', ['current' => $current, 'password' => $password]);
        $change('guess', self::PASSWORD)->assertUnprocessable()->assertJsonPath('errors.0.path', 'current');
        $change('larder-week', 'marit oyelaran!')->assertUnprocessable()->assertJsonPath('errors.0.path', 'password');
        $change('larder-week', self::PASSWORD)->assertNoContent();
        self::assertSame(0, DB::table('sessions')->where('id', 'tablet')->count() + $marit->tokens()->count());
        $this->signOut();
        $this->postJson('/api/v1/session', ['email' => $marit->email, 'password' => 'larder-week'])->assertUnprocessable();
        $this->postJson('/api/v1/session', ['email' => $marit->email, 'password' => self::PASSWORD])->assertOk();
        $this->deleteJson('/api/v1/account/sessions')->assertNoContent();
        self::assertSame(0, DB::table('sessions')->where('user_id', $marit->id)->count());
    }

    #[TestWith(['too short', 'fourteen chars'])]
    #[TestWith(['over and over', 'aaaaaaaaaaaaaaaaa'])]
    #[TestWith(['over and over', 'ababababababababab'])]
    #[TestWith(['a row of', 'abcdefghijklmnopqrs'])]
    #[TestWith(['a row of', '1234567890123456'])]
    #[TestWith(['most common', 'passwordpassword'])]
    #[TestWith(['most common', 'dragondragondragon'])]
    #[TestWith(['most common', '2024!!!football!!!2025'])]
    #[TestWith(['little more than your name', 'Teodor Vance 123'])]
    #[TestWith(['little more than your name', 'tollgate-quay.example'])]
    #[TestWith(['longer than can be kept', 'The quick brown fox jumps over the lazy dog and then it does so again, twice'])]
    public function testAPasswordThatIsEasilyGuessedIsRefused(string $why, string $password): void
    {
        $code = $this->as('ilse')->postJson("/api/v1/people/{$this->person('teodor')->id}/code")->json('code');
        $this->signOut();
        $answer = $this->postJson('/api/v1/code', ['code' => $code, 'password' => $password])->assertUnprocessable();
        self::assertStringContainsString($why, (string) $answer->json('errors.0.detail'));
        $this->postJson('/api/v1/code', ['code' => $code, 'password' => 'Zwölf Gänse ohne Hut'])->assertOk();
    }

    public function testACodeIsMailedWhereThereIsAMailServer(): void
    {
        Notification::fake();
        config(['mail.default' => 'smtp']);
        $code = $this->as('ilse')->postJson("/api/v1/people/{$this->person('teodor')->id}/code")->assertCreated()->assertJsonPath('is_mailed', true)->json('code');
        Notification::assertSentTo($this->person('teodor'), static fn(AccessCodeSent $sent): bool => str_contains($sent->toMail()->actionUrl, "/code/$code"));
    }

    public function testAMailServerThatDoesNotAnswerKeepsNobodyOut(): void
    {
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 9]);
        $code = $this->as('ilse')->postJson("/api/v1/people/{$this->person('teodor')->id}/code")->assertCreated()->assertJsonPath('is_mailed', false)->json('code');
        $this->signOut();
        $this->postJson('/api/v1/code/look', ['code' => $code])->assertOk();
    }

    public function testCodesCannotBeTriedOneAfterTheOther(): void
    {
        for ($time = 0; $time < 20; $time++) {
            $this->postJson('/api/v1/code/look', ['code' => sprintf('0000-0000-%04d', $time)])->assertUnprocessable();
        }
        $this->postJson('/api/v1/code/look', ['code' => '0000-0000-9999'])->assertTooManyRequests();
    }

    /** @param array<string, int> $statuses by account */
    #[DataProvider('doors')]
    public function testWhoMayDoWhat(string $method, string $path, array $body, array $statuses): void
    {
        $path = strtr($path, ['{p}' => $this->person('teodor')->id, '{student}' => $this->person('amina')->id]);
        foreach ($statuses as $account => $status) {
            self::assertSame($status, $this->as($account)->json($method, "/api/v1$path", $body)->getStatusCode(), "$account: $method $path");
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, array<string, int>}> */
    public static function doors(): iterable
    {
        $others = ['marit' => 403, 'teodor' => 403, 'amina' => 403];
        yield 'the list' => ['GET', '/people', [], $others + ['ilse' => 200]];
        yield 'the changes' => ['GET', '/changes', [], $others + ['ilse' => 200]];
        yield 'an invitation' => ['POST', '/people', ['name' => 'N', 'email' => 'n@tollgate-quay.example', 'role' => 'assessor'], $others + ['ilse' => 201]];
        yield 'a change' => ['PATCH', '/people/{p}', ['name' => 'T'], $others + ['ilse' => 200]];
        yield 'a code' => ['POST', '/people/{p}/code', [], $others + ['ilse' => 201]];
        yield 'a student' => ['PATCH', '/people/{student}', ['role' => 'coordinator'], $others + ['ilse' => 403]];
    }

    public function testTheListIsOfWhoWorksHere(): void
    {
        $people = (array) $this->as('ilse')->getJson('/api/v1/people')->assertOk()->json();
        self::assertSame(['Ilse Karimova', 'Marit Oyelaran', 'Teodor Vance'], array_column($people, 'name'));
        self::assertSame([true, true, true], array_column($people, 'has_come'));
        $this->postJson("/api/v1/people/{$this->person('teodor')->id}/code")->assertCreated();
        self::assertNotNull(array_column((array) $this->getJson('/api/v1/people')->json(), 'code_until', 'name')['Teodor Vance']);
        self::assertSame(Role::Assessor, $this->person('teodor')->role);
        self::assertSame(1, AccessCode::query()->count());
    }

    private function person(string $account): User
    {
        return User::query()->where('email', "$account@tollgate-quay.example")->firstOrFail();
    }

    private function signOut(): void
    {
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();
        $this->app?->make('auth')->guard('web')->logout();
    }
}
