<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Capture;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class CapturesTest extends TestCase
{
    public function testATrayFollowsItsCaptures(): void
    {
        $this->as('marit');
        $this->send(self::capture(['kind' => 'received', 'mass_mg' => 1_800_000, 'defects' => ['broken-wing.left']]))->assertOk();
        $response = $this->send(self::capture(['kind' => 'piece', 'piece' => 'breast.left', 'mass_mg' => 245_000]));
        $response->assertOk()
            ->assertJsonPath('stage', 'weighing')
            ->assertJsonPath('holds.as_purchased_mg', 1_800_000)
            ->assertJsonPath('result.pieces.0.verdict', 'within')
            ->assertJsonPath('result.pieces.6.verdict', 'excused')
            ->assertJsonPath('log.3.entry.by', 'Marit Oyelaran')
            ->assertJsonPath('log.3.entry.device', 'test tablet');
    }

    public function testASecondLookIsOfAnotherAssessorAndStandsBesideTheFirst(): void
    {
        $attempt = $this->station(7);
        $level = static fn(int $level, string $round): array => ['device' => 'Tablet', 'captures' => [self::capture(['kind' => 'level', 'criterion' => 'board', 'level' => $level, 'round' => $round])]];
        $this->as('marit')->postJson("/api/v1/attempts/{$attempt->id}/captures", $level(3, 'first'))->assertOk();
        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", $level(2, 'second'))->assertUnprocessable()
            ->assertJsonPath('errors.0.path', 'captures[0].round')->assertJsonPath('errors.0.detail', 'you gave the first look at this tray; another assessor gives the other');
        $second = $level(1, 'second');
        $this->as('teodor')->postJson("/api/v1/attempts/{$attempt->id}/captures", $second)->assertOk();
        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", $second)->assertOk();
        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", $level(3, 'first'))->assertUnprocessable();
        self::assertSame(3, $this->as('marit')->getJson("/api/v1/attempts/{$attempt->id}")->assertOk()->json('holds.levels.board'), 'the second look does not replace the first');
        $package = (string) $this->get("/api/v1/assessments/{$this->practical()->id}/package")->getContent();
        self::assertStringContainsString('deft-blade.assessment/4', $package);
    }

    public function testTheSameRequestSentTenTimesLeavesOneRow(): void
    {
        $capture = self::capture(['kind' => 'received', 'mass_mg' => 1_800_000]);
        for ($times = 0; $times < 10; $times++) {
            $this->as('marit')->send($capture)->assertOk();
        }
        self::assertSame(1, Capture::query()->whereKey($capture['id'])->count());
    }

    public function testTheSameFactTwiceInOneRequestLeavesOneAndAnotherOfItsIdRefusesAll(): void
    {
        $this->as('marit');
        $before = Capture::query()->count();
        $weight = self::capture(['kind' => 'received', 'mass_mg' => 1_800_000]);
        $send = fn(array ...$captures): TestResponse => $this->postJson("/api/v1/attempts/{$this->station(11)->id}/captures", ['device' => 'test tablet', 'captures' => $captures]);
        $send(self::capture(['kind' => 'note', 'text' => 'Refused with it']), $weight, ['mass_mg' => 1_900_000] + $weight)->assertConflict();
        self::assertSame($before, Capture::query()->count());
        $send($weight, $weight)->assertOk()->assertJsonPath('holds.as_purchased_mg', 1_800_000);
        self::assertSame($before + 1, Capture::query()->count());
    }

    public function testABatchOfADeviceWhoseClockRunsAheadKeepsItsOrder(): void
    {
        $ahead = now()->addHour()->utc()->format(Capture::AT_FORMAT);
        $notes = array_map(static fn(int $number): array => ['at' => $ahead] + self::capture(['kind' => 'note', 'text' => "note $number"]), range(1, 20));
        $this->as('marit')->postJson("/api/v1/attempts/{$this->station(11)->id}/captures", ['device' => 'ahead', 'captures' => $notes])->assertOk();
        $taken = Capture::query()->where('device', 'ahead')->orderBy('at')->orderBy('id')->get();
        self::assertSame(array_column($notes, 'text'), $taken->map(static fn(Capture $it): mixed => $it->payload->text)->all());
        self::assertTrue($taken->every(static fn(Capture $it): bool => $it->at->getTimestamp() <= now()->getTimestamp() + 1), 'none of them in the future');
        self::assertSame($taken->pluck('seq')->all(), $taken->sortBy('seq')->pluck('seq')->values()->all());
    }

    public function testAnIdTakenByAnotherFactIsRefusedAndNothingIsStored(): void
    {
        $capture = self::capture(['kind' => 'received', 'mass_mg' => 1_800_000]);
        $this->as('marit')->send($capture)->assertOk();
        $before = Capture::query()->count();
        $this->send(self::capture(['kind' => 'note', 'text' => 'goes with the next']), ['mass_mg' => 1] + $capture)->assertConflict()->assertJson(['type' => 'urn:deft-blade:problem:conflict']);
        $this->as('teodor')->send($capture)->assertConflict();
        self::assertSame($before, Capture::query()->count());
    }

    public function testACorrectionKeepsWhatItReplacedAndAWithdrawalRestoresIt(): void
    {
        $this->as('marit');
        $first = self::capture(['kind' => 'received', 'mass_mg' => 1_800_000, 'at' => '2026-03-02T09:00:00.000Z']);
        $second = self::capture(['kind' => 'received', 'mass_mg' => 1_900_000, 'at' => '2026-03-02T09:01:00.000Z']);
        $response = $this->send($first, $second)->assertJsonPath('holds.as_purchased_mg', 1_900_000);
        self::assertSame(['replaced', 'holds'], array_column(self::happened($response->json('log')), 'state'));
        $response = $this->send(self::capture(['kind' => 'void', 'target' => $second['id'], 'reason' => 'wrong bird']))->assertJsonPath('holds.as_purchased_mg', 1_800_000);
        self::assertSame(['holds', 'withdrawn', 'holds'], array_column(self::happened($response->json('log')), 'state'));
    }

    /** @param array<string, mixed> $fact */
    #[DataProvider('broken')]
    public function testABadCaptureIsRefusedWithItsPlace(array $fact, string $path): void
    {
        $before = Capture::query()->count();
        $this->as('marit')->send(self::capture(['kind' => 'note', 'text' => 'fine']), $fact + self::capture([]))
            ->assertUnprocessable()->assertHeader('Content-Type', 'application/problem+json')->assertJsonPath('errors.0.path', $path);
        self::assertSame($before, Capture::query()->count());
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function broken(): array
    {
        return [
            'negative' => [['kind' => 'piece', 'piece' => 'breast.left', 'mass_mg' => -5], 'captures[1].mass_mg'],
            'unknown piece' => [['kind' => 'piece', 'piece' => 'antler', 'mass_mg' => 5], 'captures[1].piece'],
            'unknown key' => [['kind' => 'note', 'text' => 'x', 'colour' => 'red'], 'captures[1].colour'],
            'level too high' => [['kind' => 'level', 'criterion' => 'board', 'level' => 9], 'captures[1].level'],
            'not a time' => [['kind' => 'note', 'text' => 'x', 'at' => 'noon'], 'captures[1].at'],
            'id of another version' => [['kind' => 'note', 'text' => 'x', 'id' => '6ba7b810-9dad-41d1-80b4-00c04fd430c8'], 'captures[1].id'],
            'void of nothing' => [['kind' => 'void', 'target' => '01a21098-6cb4-737b-a221-20936c1a0249', 'reason' => 'x'], 'attempts[0].captures[3].target'],
        ];
    }

    public function testCapturesCannotBeChangedEvenInTheDatabase(): void
    {
        foreach (['UPDATE captures SET device = \'x\'', 'DELETE FROM captures', 'TRUNCATE captures', 'DELETE FROM releases', 'UPDATE published_standards SET version = 2', 'DELETE FROM scale_checks', 'UPDATE brief_changes SET reason = \'x\''] as $statement) {
            try {
                DB::transaction(static fn() => DB::statement($statement));
                self::fail("$statement was let through");
            } catch (QueryException $refused) {
                self::assertStringContainsString('append-only', $refused->getMessage());
            }
        }
    }

    public function testAClockDoesNotStartBeforeSomebodyHasLooked(): void
    {
        $start = self::capture(['kind' => 'clock', 'event' => 'start']);
        $this->as('marit')->send($start)->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].reason');
        $this->send(self::capture(['kind' => 'mise', 'open' => ['knife']]), $start)->assertUnprocessable();
        $mise = self::capture(['kind' => 'mise', 'open' => []]);
        $start = self::capture(['kind' => 'clock', 'event' => 'start', 'at' => now()->addSecond()->utc()->format('Y-m-d\TH:i:s.v\Z')]);
        $this->send($mise, $start)->assertOk()->assertJsonPath('gate', null);
        $this->travel(2)->seconds();
        $this->send(self::capture(['kind' => 'clock', 'event' => 'pause']), self::capture(['kind' => 'mise', 'open' => ['hands']]))->assertOk()->assertJsonPath('gate.open', ['hands']);
        $this->send(self::capture(['kind' => 'clock', 'event' => 'resume']))->assertUnprocessable();
        $this->send($start)->assertOk();
        $this->send(self::capture(['kind' => 'clock', 'event' => 'resume', 'reason' => 'Washed while I stood by']))->assertOk()->assertJsonPath('stage', 'running');
    }

    public function testAMalformedIdIsNotRightWhereverItStands(): void
    {
        $this->as('marit')->postJson("/api/v1/assessments/{$this->practical()->id}/presence", ['device' => 'x', 'attempt' => 'yes'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'attempt');
        foreach (['assessments/x/sheet', 'attempts/x', 'attempts/x/verdict', 'standards/x', 'drafts/x', 'assessments/x/captures'] as $address) {
            $this->getJson("/api/v1/$address")->assertUnprocessable();
        }
        $long = str_repeat('a', 2_001);
        $this->send(self::capture(['kind' => 'note', 'text' => $long]))->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].text');
        $this->send(self::capture(['kind' => 'standard', 'standard' => 'x', 'version' => 1, 'sha256' => str_repeat('0', 64), 'reason' => 'x']))->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].kind');
    }

    public function testTheCursorTellsWhatIsNew(): void
    {
        $cursor = "/api/v1/assessments/{$this->practical()->id}/captures?after=";
        $next = 0;
        do {
            $page = $this->as('marit')->getJson($cursor.$next)->assertOk();
            $next = $page->json('next');
        } while ($page->json('captures') !== []);
        $capture = self::capture(['kind' => 'note', 'text' => 'new']);
        $this->send($capture);
        $this->getJson($cursor.$next)->assertJsonCount(1, 'captures')->assertJsonPath('captures.0.capture.id', $capture['id']);
    }

    public function testALongAbsenceIsCaughtUpInParts(): void
    {
        $cursor = "/api/v1/assessments/{$this->practical()->id}/captures";
        $before = $this->as('marit')->getJson($cursor)->json('next');
        $sent = array_map(static fn(int $number): array => self::capture(['kind' => 'note', 'text' => "note $number"]), range(1, 505));
        $this->send(...array_slice($sent, 0, 300))->assertOk();
        $this->sendTo(11, ...array_slice($sent, 300, 3))->assertOk();
        $this->send(...array_slice($sent, 303))->assertOk();
        $first = $this->getJson("$cursor?after=$before")->assertJsonCount(500, 'captures')->assertJsonCount(2, 'stations');
        $rest = $this->getJson("$cursor?after={$first->json('next')}")->assertJsonCount(5, 'captures');
        $read = [...(array) $first->json('captures.*.capture.id'), ...(array) $rest->json('captures.*.capture.id')];
        self::assertSame(array_column($sent, 'id'), $read);
        $this->send(...array_map(static fn(int $number): array => self::capture(['kind' => 'note', 'text' => "more $number"]), range(1, 501)))
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures');
    }

    /** @param array<string, mixed> $fact */
    #[TestWith([['kind' => 'received', 'mass_mg' => 1_820_000, 'defects' => ['broken-wing.left'], 'tag' => 'TQ-12']])]
    #[TestWith([['kind' => 'refused', 'reason' => 'Warm']])]
    #[TestWith([['kind' => 'chill', 'event' => 'out']])]
    #[TestWith([['kind' => 'mise', 'open' => ['towels']]])]
    #[TestWith([['kind' => 'well', 'text' => 'Joint found at once']])]
    #[TestWith([['kind' => 'incident', 'what' => 'slip', 'text' => 'Wet floor', 'pieces' => [], 'treatment' => 'excused']])]
    #[TestWith([['kind' => 'fault', 'fault' => 'sawing']])]
    #[TestWith([['kind' => 'level', 'criterion' => 'wishbone', 'level' => 2]])]
    public function testEveryKindOfFactStandsInTheLogAsItWasSent(array $fact): void
    {
        $capture = self::capture($fact);
        $log = $this->as('teodor')->send($capture)->assertOk()->json('log');
        self::assertIsArray($log);
        $line = $log[count($log) - 1];
        self::assertSame(['holds', 'Teodor Vance', 'test tablet'], [$line['state'], $line['entry']['by'], $line['entry']['device']]);
        self::assertEquals($capture, array_diff_key($line['entry']['capture'], ['by' => true]));
    }

    /**
     * @param array<string, mixed> ...$captures
     *
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function send(array ...$captures): TestResponse
    {
        return $this->sendTo(12, ...$captures);
    }

    /**
     * @param array<string, mixed> ...$captures
     *
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function sendTo(int $station, array ...$captures): TestResponse
    {
        return $this->postJson("/api/v1/attempts/{$this->station($station)->id}/captures", ['device' => 'test tablet', 'captures' => $captures]);
    }
}
