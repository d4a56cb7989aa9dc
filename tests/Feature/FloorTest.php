<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class FloorTest extends TestCase
{
    public function testTheRoomStandsAsItsCapturesSay(): void
    {
        $floor = $this->as('teodor')->getJson($this->address('floor'))->assertOk();
        $stages = array_column((array) $floor->json('stations'), 'stage', 'station');
        self::assertSame(['judged', 'weighed', 'presented', 'received', 'waiting'], [$stages[1], $stages[7], $stages[9], $stages[10], $stages[12]]);
        self::assertSame([9], array_keys(array_filter(array_column((array) $floor->json('stations'), 'queued_since_ms', 'station'))));
        self::assertSame([[1, 2, 3, 4], [5, 6, 7, 8], [9, 10, 11, 12]], $floor->json('rows'));
        $counts = array_column((array) $floor->json('marks'), 'count');
        self::assertGreaterThanOrEqual($counts[1], $counts[0], 'most used first');
        $this->as('amina')->getJson($this->address('floor'))->assertForbidden();
    }

    public function testAClockDoesNotStartWithASafetyItemOpenUnlessItIsSaidWhy(): void
    {
        $this->take(['kind' => 'mise', 'open' => ['knife', 'towels']])->assertOk();
        $this->take(['kind' => 'clock', 'event' => 'start'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].reason');
        $this->take(['kind' => 'clock', 'event' => 'start', 'reason' => ' '])->assertUnprocessable();
        $this->take(['kind' => 'clock', 'event' => 'start', 'reason' => 'Knife changed at the bench'])->assertOk()->assertJsonPath('stage', 'running');
    }

    public function testNewsBringsTheStationsItIsOfAsTheyStand(): void
    {
        $before = $this->as('marit')->getJson($this->address('captures'))->assertJsonCount(0, 'stations')->json('next');
        $this->take(['kind' => 'received', 'mass_mg' => 1_810_000])->assertOk();
        $this->take(['kind' => 'mise', 'open' => []])->assertOk();
        $this->take(['kind' => 'clock', 'event' => 'start'])->assertOk();
        $own = $this->take(['kind' => 'clock', 'event' => 'stop', 'at' => '2026-03-02T10:00:00.250Z'])->assertJsonPath('on_floor.queued_since_ms', 1_772_445_600_250)->json('on_floor');
        $news = $this->as('teodor')->getJson($this->address("captures?after=$before"))->assertJsonCount(4, 'captures')->assertJsonCount(1, 'stations');
        self::assertSame([$own, 'presented', $news->json('next')], [$news->json('stations.0'), $news->json('stations.0.stage'), $news->json('stations.0.seq')]);
        self::assertSame($this->onTheFloor(12), $news->json('stations.0'));
    }

    public function testOfTwoWeightsForOnePlaceTheLaterHoldsAndNamesWhatItReplaced(): void
    {
        $earlier = self::capture(['kind' => 'piece', 'piece' => 'wing.left', 'mass_mg' => 91_000, 'at' => '2026-03-02T09:00:00.000Z']);
        $later = self::capture(['kind' => 'piece', 'piece' => 'wing.left', 'mass_mg' => 88_000, 'at' => '2026-03-02T09:00:05.000Z']);
        $send = fn(string $account, array $capture): TestResponse => $this->as($account)->postJson("/api/v1/attempts/{$this->station(12)->id}/captures", ['device' => 'test', 'captures' => [$capture]])->assertOk();
        $send('teodor', $later);
        // What a tablet without a network took down before comes up after.
        $log = $send('marit', $earlier)->json('log');
        $standing = array_column(array_map(static fn(array $line): array => [$line['entry']['capture']['id'], [$line['state'], $line['replaced_by'], $line['entry']['by']]], (array) $log), 1, 0);
        self::assertSame(['replaced', $later['id'], 'Marit Oyelaran'], $standing[$earlier['id']]);
        self::assertSame(['holds', null, 'Teodor Vance'], $standing[$later['id']]);
    }

    public function testACarcassRefusedAndReplacedKeepsBothFacts(): void
    {
        $this->take(['kind' => 'received', 'mass_mg' => 1_700_000, 'tag' => 'A1'])->assertOk();
        $this->take(['kind' => 'refused', 'reason' => 'Warm', 'tag' => 'A1'])->assertOk()->assertJsonPath('holds.as_purchased_mg', null);
        $this->take(['kind' => 'received', 'mass_mg' => 1_810_000, 'tag' => 'A2'])->assertOk()->assertJsonPath('holds.as_purchased_mg', 1_810_000)->assertJsonCount(5, 'log');
        $station = $this->onTheFloor(12);
        self::assertSame(['A2', 1, 'Carcass refused: Warm'], [$station['tag'], $station['refused'], $station['last'][0]['text']]);
    }

    public function testAnIncidentIsOnRecordForGood(): void
    {
        $incident = self::capture(['kind' => 'incident', 'what' => 'cut', 'text' => 'Left thumb', 'pieces' => ['wing.left'], 'treatment' => 'excused']);
        $this->take($incident)->assertOk();
        $this->take(['kind' => 'void', 'target' => $incident['id'], 'reason' => 'Not so bad'])->assertUnprocessable()->assertJsonPath('errors.0.detail', 'an incident stays on record');
        self::assertSame(1, $this->onTheFloor(12)['incidents']);
    }

    public function testTheRoomIsArrangedOnceAndWavesBelongToThePractical(): void
    {
        $rows = [[1, 2, 3, 4], [5, 6, 7, 8], [9, 10]];
        $arrange = fn(string $account, string $version, array $plan): TestResponse => $this->as($account)->putJson($this->address('room'), $plan, ['If-Match' => "\"$version\""]);
        $first = $this->as('marit')->getJson($this->address('floor'))->json('arrangement');
        $arranged = $arrange('marit', $first, ['rows' => $rows, 'waves' => ['11' => 2, '12' => 2], 'wave_gap_ms' => 600_000])
            ->assertOk()->assertJsonPath('rows', [...$rows, [11, 12]])->assertJsonPath('wave_gap_ms', 600_000)->assertJsonPath('stations.11.wave', 2);
        self::assertSame([...$rows, [11, 12]], $this->getJson('/api/v1/assessments/'.$this->rehearsal()->id.'/floor')->json('rows'), 'the next practical finds the room so');
        $arrange('marit', $arranged->json('arrangement'), ['rows' => [[1, 1]]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'rows[0][1]');
        $arrange('teodor', $first, ['rows' => [[1]]])->assertStatus(412)->assertJsonPath('changed.rows', '1 2 3 4 / 5 6 7 8 / 9 10');
        $this->as('marit')->putJson($this->address('room'), ['rows' => $rows])->assertStatus(428);
        $arrange('ilse', $arranged->json('arrangement'), ['rows' => $rows])->assertForbidden();
    }

    public function testTwoPeopleOnOneTraySeeEachOther(): void
    {
        $say = fn(string $account, ?string $attempt): TestResponse => $this->as($account)->postJson($this->address('presence'), ['device' => "Tablet of $account", 'attempt' => $attempt]);
        $say('marit', $this->station(9)->id)->assertNoContent();
        $say('teodor', $this->station(9)->id)->assertNoContent();
        $present = $this->getJson($this->address('captures'))->json('present');
        self::assertEqualsCanonicalizing(['Marit Oyelaran', 'Teodor Vance'], array_column((array) $present, 'name'));
        self::assertSame(User::query()->where('name', 'Teodor Vance')->value('id'), array_column((array) $present, 'person', 'name')['Teodor Vance']);
        $say('marit', null)->assertNoContent();
        $cursor = $this->getJson($this->address('captures'))->assertOk()->assertJsonCount(0, 'captures')->assertJsonPath('present.0.name', 'Teodor Vance');
        self::assertEqualsWithDelta(now()->getPreciseTimestamp(3), $cursor->json('now_ms'), 5_000);
        self::assertGreaterThan(0, $cursor->json('next'));
    }

    /** FDA Food Code 3-501.19 (B): food held by time instead of temperature is served or discarded within 4 hours. */
    public function testTheColdLimitOfTheSchoolLiesWithinTheFoodCode(): void
    {
        $limit = $this->as('marit')->getJson($this->address('floor'))->json('cold_limit_ms');
        self::assertGreaterThan(0, $limit);
        self::assertLessThanOrEqual(4 * 3_600_000, $limit);
    }

    public function testTheTimeADeviceShowedIsKeptBesideTheTimeItWas(): void
    {
        $this->as('marit')->postJson("/api/v1/attempts/{$this->station(12)->id}/captures", [
            'device' => 'Slow tablet', 'offset_ms' => 420_000, 'captures' => [self::capture(['kind' => 'note', 'text' => 'Late'])],
        ])->assertOk();
        $last = $this->getJson($this->address('captures').'?after=0')->json('captures');
        self::assertContains(420_000, array_column((array) $last, 'offset_ms'));
    }

    /** @param array<string, mixed> $fact */
    private function take(array $fact): TestResponse
    {
        return $this->as('marit')->postJson("/api/v1/attempts/{$this->station(12)->id}/captures", ['device' => 'test', 'captures' => [self::capture($fact)]]);
    }

    /** @return array<string, mixed> */
    private function onTheFloor(int $station): array
    {
        $stations = $this->as('marit')->getJson($this->address('floor'))->json('stations');

        return is_array($stations) && is_array($stations[$station - 1]) ? $stations[$station - 1] : [];
    }

    private function address(string $of): string
    {
        return "/api/v1/assessments/{$this->practical()->id}/$of";
    }
}
