<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Appeal;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A student appeals against lines of their result; somebody who marked in neither round decides. */
final class AppealsTest extends TestCase
{
    private const WHY = 'The towel lay on the other side of the board';

    private Attempt $attempt;

    protected function setUp(): void
    {
        parent::setUp();
        $this->attempt = Attempt::query()->whereHas('release')->whereRelation('student', 'name', 'Amina Berhane')->whereRelation('assessment', 'title', 'Skewer set')->firstOrFail();
    }

    public function testAStudentAppealsOnceAgainstLinesOfTheirOwnResult(): void
    {
        $id = (string) Str::uuid7();
        $reasons = (array) $this->as('amina')->getJson("/api/v1/attempts/{$this->attempt->id}/released")->assertOk()->json('result.reasons');
        $this->getJson("/api/v1/attempts/{$this->attempt->id}/appeals")->assertOk()->assertJson(['appeals' => [], 'may_appeal' => true, 'may_decide' => []]);
        for ($times = 0; $times < 2; $times++) {
            $this->appeal($id)->assertOk()->assertJsonCount(1, 'appeals')->assertJsonPath('may_appeal', false)
                ->assertJsonPath('appeals.0.lines.0.text', data_get($reasons, '0.text'))->assertJsonPath('appeals.0.lines.0.why', self::WHY)->assertJsonPath('appeals.0.is_decided', false);
        }
        $this->appeal((string) Str::uuid7())->assertConflict();
        $this->as('tomasz')->appeal((string) Str::uuid7())->assertNotFound();
        $this->as('marit')->appeal((string) Str::uuid7())->assertForbidden();
    }

    public function testWhatIsNotRightIsRefusedWithItsPlace(): void
    {
        $this->as('amina');
        $this->appeal((string) Str::uuid7(), [])->assertUnprocessable()->assertJsonPath('errors.0.path', 'lines');
        $this->appeal((string) Str::uuid7(), [['reason' => 99, 'why' => self::WHY]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'lines[0].reason');
        $this->appeal((string) Str::uuid7(), [['reason' => 0, 'why' => ' ']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'lines[0].why');
        $this->appeal((string) Str::uuid7(), [['reason' => 0, 'why' => self::WHY], ['reason' => 0, 'why' => self::WHY]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'lines[1].reason');
        $this->appeal((string) Str::uuid7(), version: 2)->assertConflict();
        self::assertSame(0, Appeal::query()->where('attempt_id', $this->attempt->id)->count());
    }

    public function testTheLastDayCountsToItsEndAndTheNextIsTooLate(): void
    {
        $until = $this->as('amina')->getJson("/api/v1/attempts/{$this->attempt->id}/appeals")->json('until');
        self::assertIsString($until);
        $this->travelTo("$until 12:00:00");
        $this->getJson("/api/v1/attempts/{$this->attempt->id}/appeals")->assertJsonPath('may_appeal', true);
        $this->travel(24)->hours();
        $this->getJson("/api/v1/attempts/{$this->attempt->id}/appeals")->assertJsonPath('may_appeal', false);
        self::assertStringContainsString('days', (string) $this->appeal((string) Str::uuid7())->assertConflict()->json('detail'));
    }

    public function testSomebodyWhoMarkedInNeitherRoundDecidesAndTheStudentReadsWhy(): void
    {
        $this->as('amina')->appeal((string) Str::uuid7())->assertOk();
        $appeal = Appeal::query()->where('attempt_id', $this->attempt->id)->firstOrFail();
        $this->as('marit')->assign($appeal, 'marit')->assertConflict();
        $this->as('teodor')->assign($appeal, 'teodor')->assertForbidden();
        $entry = (string) Str::uuid7();
        $this->as('ilse')->assign($appeal, 'teodor', $entry)->assertOk()->assertJsonPath('appeals.0.assignee.name', 'Teodor Vance');
        $this->assign($appeal, 'teodor', $entry)->assertOk();
        $this->assign($appeal, 'ilse', $entry)->assertConflict();
        $this->decide($appeal)->assertConflict();
        self::assertContains($this->attempt->id, $this->waiting('teodor'));
        self::assertNotContains($this->attempt->id, $this->waiting('ilse'));
        $this->as('teodor')->decide($appeal, reason: ' ')->assertUnprocessable()->assertJsonPath('errors.0.path', 'reason');
        $this->decide($appeal)->assertOk()->assertJsonPath('appeals.0.is_decided', true);
        self::assertNotContains($this->attempt->id, $this->waiting('teodor'));
        $this->as('amina')->getJson("/api/v1/attempts/{$this->attempt->id}/appeals")->assertJsonPath('appeals.0.lines.0.outcome', 'partly')
            ->assertJsonPath('appeals.0.lines.0.reason', 'The towel was there; the board was wet')->assertJsonPath('appeals.0.lines.0.decided_by', 'Teodor Vance');
    }

    /** An appeal that is upheld changes nothing by itself: until something is taken down or issued again, it must not be forgotten. */
    public function testWhatWasUpheldWaitsUntilItIsPutRight(): void
    {
        $this->as('amina')->appeal((string) Str::uuid7())->assertOk();
        $appeal = Appeal::query()->where('attempt_id', $this->attempt->id)->firstOrFail();
        $this->as('ilse')->assign($appeal, 'teodor')->assertOk();
        $waits = fn(): array => array_map(fn(string $account): bool => in_array($this->attempt->id, $this->waiting($account), true), ['marit', 'ilse', 'teodor']);
        $this->as('teodor')->decide($appeal, outcome: 'not')->assertOk()->assertJsonPath('appeals.0.is_to_put_right', false);
        self::assertSame([false, false, false], $waits());
        $this->as('teodor')->decide($appeal)->assertOk()->assertJsonPath('appeals.0.is_to_put_right', true);
        self::assertSame([true, true, false], $waits(), 'those who may issue it again');
        $this->as('teodor')->decide($appeal, outcome: 'not')->assertOk();
        self::assertSame([false, false, false], $waits(), 'the latest decision holds');
        $this->as('teodor')->decide($appeal, outcome: 'upheld')->assertOk();
        self::assertSame([true, true, false], $waits());
        $this->travel(1)->minutes();
        $note = self::capture(['kind' => 'note', 'text' => 'The board was wet as well']);
        $this->as('marit')->postJson("/api/v1/attempts/{$this->attempt->id}/captures", ['device' => 'tablet', 'captures' => [$note]])->assertOk();
        self::assertSame([false, false, false], $waits());
        $path = "/api/v1/attempts/{$this->attempt->id}/appeals";
        $this->as('ilse')->getJson($path)->assertJsonPath('appeals.0.is_to_put_right', false)->assertJsonPath('marked_by.*.name', ['Marit Oyelaran']);
        $this->as('amina')->getJson($path)->assertJsonPath('marked_by', []);
    }

    public function testEverythingOfAnAppealIsOneFileForStaffOnly(): void
    {
        $appeal = Appeal::query()->firstOrFail();
        $file = $this->as('ilse')->get("/api/v1/appeals/$appeal->id/file.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF', (string) $file->getContent());
        $this->as('tomasz')->getJson("/api/v1/appeals/$appeal->id/file.pdf")->assertForbidden();
    }

    public function testTheDatabaseRefusesToChangeOne(): void
    {
        foreach (['UPDATE appeals SET version = 9', 'DELETE FROM appeal_entries'] as $change) {
            try {
                DB::transaction(static fn(): bool => DB::statement($change));
                self::fail($change);
            } catch (QueryException $refused) {
                self::assertStringContainsString('append', mb_strtolower($refused->getMessage()));
            }
        }
    }

    /**
     * @param list<array{reason: int, why: string}>|null $lines
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function appeal(string $id, ?array $lines = null, int $version = 1): TestResponse
    {
        return $this->putJson("/api/v1/attempts/{$this->attempt->id}/appeals/$id", ['version' => $version, 'lines' => $lines ?? [['reason' => 0, 'why' => self::WHY]]]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function assign(Appeal $appeal, string $account, ?string $entry = null): TestResponse
    {
        $person = User::query()->where('email', "$account@tollgate-quay.example")->firstOrFail();

        return $this->putJson("/api/v1/appeals/$appeal->id/assignee/".($entry ?? Str::uuid7()), ['person' => $person->id]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function decide(Appeal $appeal, string $reason = 'The towel was there; the board was wet', string $outcome = 'partly'): TestResponse
    {
        return $this->putJson("/api/v1/appeals/$appeal->id/decisions/".Str::uuid7(), ['line' => 0, 'outcome' => $outcome, 'reason' => $reason]);
    }

    /** @return list<mixed> attempts with an appeal that waits for this person */
    private function waiting(string $account): array
    {
        $waiting = (array) $this->as($account)->getJson('/api/v1/bench')->assertOk()->json('waiting');

        return array_column(array_filter($waiting, static fn(mixed $it): bool => data_get($it, 'kind') === 'appeal'), 'attempt');
    }
}
