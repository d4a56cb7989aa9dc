<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\SetUpPractical;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Brief;
use App\Models\Capture;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\SchoolSetting;
use App\Models\Student;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\PlansPracticals;
use Tests\TestCase;

/** A practical from its brief: kept as it is written, worked out as it stands, set once, and frozen by that. */
final class BriefTest extends TestCase
{
    use PlansPracticals;

    public function testSetsAPracticalInThreeWavesWithStationsAndAllowances(): void
    {
        $saved = $this->as('marit')->save(self::brief(), 0)->assertOk()->assertJsonPath('missing', [])->assertJsonPath('set_at', null)->assertJsonPath('hour.waves', 3);
        self::assertSame([1, 1, 1, 1, 2, 2, 2, 2, 3, 3, 3, 3], array_column((array) $saved->json('lists.0.students'), 'wave'));
        $farid = array_search('Farid Nazaryan', array_column((array) $saved->json('lists.0.students'), 'name'), true);
        $times = (array) $saved->json("lists.0.students.$farid");
        self::assertEqualsWithDelta(1.25 * $saved->json('lists.0.standard_ms') / 1000, $times['standard_s'] - $times['start_s'], 1e-6, 'with the time that was agreed');
        self::assertSame(['more_time'], $times['needs']);

        $before = Assessment::query()->count();
        $set = $this->set(1)->assertOk()->assertJsonCount(1, 'assessments');
        self::assertNotNull($set->json('set_at'));
        $this->set(1)->assertOk()->assertJsonPath('assessments', $set->json('assessments'));
        self::assertSame($before + 1, Assessment::query()->count(), 'setting it twice sets it once');

        $practical = Assessment::query()->findOrFail($set->json('assessments.0'));
        self::assertSame(['Crown', 'North kitchen', true], [$practical->title, $practical->room, $practical->is_rehearsal]);
        self::assertSame([1, 2, 3], [$practical->waveOf(1), $practical->waveOf(8), $practical->waveOf(12)]);
        self::assertSame(480_000, $practical->waveGapMs());
        $floor = $this->getJson("/api/v1/assessments/{$practical->id}/floor")->assertOk();
        self::assertCount(12, (array) $floor->json('stations'));
        self::assertContains("Crown is set for {$this->tomorrow()}: 12 students", array_column((array) $this->as('ilse')->getJson('/api/v1/changes')->json('changes'), 'text'));
    }

    public function testWhoMissedAnEarlierPracticalIsOfferedAndResitsUnderItsCap(): void
    {
        $students = Student::query()->with('group')->orderBy('name')->limit(2)->get();
        [$absent, $present] = [$students[0] ?? self::fail('nobody'), $students[1] ?? self::fail('nobody')];
        $earlier = app(SetUpPractical::class)->setUp('Spatchcock', 'North kitchen', app(School::class)->today()->subDays(3), $absent->group, PublishedStandard::latestOf('chicken-spatchcock') ?? self::fail('no standard'), PublishedPolicy::inForce(), $students, User::query()->firstOrFail());
        $this->as('marit')->postJson("/api/v1/attempts/{$earlier->attempts[1]?->id}/captures", ['device' => 'test', 'offset_ms' => 0, 'captures' => [self::capture(['kind' => 'received', 'mass_mg' => 1_800_000])]])->assertOk();
        $missed = static fn(TestResponse $answer): array => array_column(array_filter((array) $answer->json(), static fn(mixed $it): bool => data_get($it, 'practical') === 'Spatchcock'), 'name');
        self::assertSame([$absent->name], $missed($this->getJson('/api/v1/missed-tries')->assertOk()));

        $list = self::list('chicken-spatchcock', [$absent->id, $present->id]);
        $list->resits = [$absent->id];
        $this->save(self::brief(['is_rehearsal' => false, 'lists' => [$list]]), 0)->assertOk();
        $practical = Assessment::query()->findOrFail($this->set(1)->assertOk()->json('assessments.0'));
        $resits = $practical->attempts()->get()->map(fn(Attempt $it): bool => (bool) $this->getJson("/api/v1/attempts/{$it->id}")->json('resit'))->all();
        self::assertSame([true, false], $resits);
        Assessment::query()->whereKey($earlier->id)->update(['cancelled' => 'No birds came']);
        self::assertSame([], $missed($this->getJson('/api/v1/missed-tries')));
    }

    public function testWhoMarksWhichStationsStandsOnBenchAndFloor(): void
    {
        $person = static fn(string $name): string => User::query()->where('name', $name)->firstOrFail()->id;
        [$marit, $teodor] = [$person('Marit Oyelaran'), $person('Teodor Vance')];
        $students = self::students();
        $this->as('marit')->save(self::brief([
            'day' => $this->today()->toDateString(),
            'lists' => [self::list('chicken-crown-and-legs', array_slice($students, 0, 4)), self::list('chicken-spatchcock', array_slice($students, 4, 2))],
            'assessors' => [['person' => $marit, 'is_second' => false, 'stations' => [1, 2, 3, 4]], ['person' => $teodor, 'is_second' => true, 'stations' => [3, 4, 5]]],
        ]), 0)->assertOk();
        [$crown, $spatchcock] = (array) $this->set(1)->assertOk()->json('assessments');
        $ofCrown = [
            ['person' => $marit, 'name' => 'Marit Oyelaran', 'is_second' => false, 'stations' => [1, 2, 3, 4]],
            ['person' => $teodor, 'name' => 'Teodor Vance', 'is_second' => true, 'stations' => [3, 4]],
        ];
        $this->getJson("/api/v1/assessments/$crown/floor")->assertOk()->assertJsonPath('assessors', $ofCrown);
        $this->getJson("/api/v1/assessments/$spatchcock/floor")->assertOk()->assertJsonPath('assessors', [['person' => $teodor, 'name' => 'Teodor Vance', 'is_second' => true, 'stations' => [5]]]);
        $bench = array_column((array) $this->getJson('/api/v1/bench')->assertOk()->json('today'), 'assessors', 'id');
        self::assertSame($ofCrown, $bench[$crown]);
        self::assertContains([], $bench, 'one that was not planned in a brief');
    }

    public function testTwoPracticalsInOneRoomAtOnceAreTold(): void
    {
        $this->as('marit')->save(self::brief(['room' => 'Larder kitchen']), 0)->assertOk()->assertJsonPath('warnings', []);
        $ends = $this->set(1)->assertOk()->json('hour.free_s');
        $this->getJson("/api/v1/briefs/{$this->id}")->assertJsonPath('warnings', []);
        [$first, $this->id] = [$this->id, (string) Str::uuid7()];
        $until = CarbonImmutable::parse('09:00')->addSeconds((int) round($ends))->format('H:i');
        $taken = ["Larder kitchen is taken by Crown from 09:00 to $until."];
        $this->save(self::brief(['title' => 'Other', 'room' => 'larder KITCHEN ', 'start' => '09:30']), 0)->assertOk()->assertJsonPath('warnings', $taken);
        $this->save(self::brief(['title' => 'Other', 'room' => 'Larder kitchen', 'start' => '08:15']), 1)->assertOk()->assertJsonPath('warnings', $taken);
        $this->save(self::brief(['title' => 'Other', 'room' => 'Larder kitchen', 'start' => '13:00']), 2)->assertOk()->assertJsonPath('warnings', []);
        $this->save(self::brief(['title' => 'Other', 'room' => 'North kitchen', 'start' => '09:30']), 3)->assertOk()->assertJsonPath('warnings', []);
        $this->postJson("/api/v1/briefs/$first/cancel", ['reason' => 'No birds came'])->assertOk();
        $this->save(self::brief(['title' => 'Other', 'room' => 'Larder kitchen', 'start' => '09:30']), 4)->assertOk()->assertJsonPath('warnings', []);
    }

    public function testSaysUnderWhichVariantsAndPolicyItIsHeld(): void
    {
        $this->as('marit')->save(self::brief(), 0)->assertOk()->assertJsonPath('lists.0.variants', [])->assertJsonPath('policy_version', PublishedPolicy::inForce()->version);
        $this->as('ilse')->patchJson('/api/v1/school', ['variants' => ['stock-bones' => 'roasted']], ['If-Match' => '"'.(SchoolSetting::latestChoice()->seq ?? 0).'"'])->assertOk();
        $variants = (array) $this->as('marit')->getJson("/api/v1/briefs/{$this->id}")->assertOk()->json('lists.0.variants');
        self::assertSame([['Bones for stock?', 'Roasted, for brown stock', 'school']], array_map(static fn(mixed $it): array => [data_get($it, 'question'), data_get($it, 'title'), data_get($it, 'by')], $variants));
    }

    public function testSaysWhichPotsItsBonesTake(): void
    {
        $students = self::students();
        $saved = $this->as('marit')->save(self::brief(['lists' => [self::list('chicken-crown-and-legs', array_slice($students, 0, 6)), self::list('chicken-spatchcock', array_slice($students, 6, 3)), self::list('sea-trout-fillets-ribs-on-frame', array_slice($students, 9))]]), 0)->assertOk();
        $stocks = (array) $saved->json('stocks');
        self::assertCount(2, $stocks, 'both lists of poultry into one pot, fish into its own');
        self::assertStringStartsWith('Bones of poultry for stock: about ', $stocks[0]);
        self::assertStringContainsString('in 1 pot of 20 l, simmered 0.5 to 0.75 h.', $stocks[1]);
        $this->save(self::brief(['lists' => []]), 1)->assertOk()->assertJsonPath('stocks', []);
    }

    public function testWhatASetPracticalIsHeldAgainstStaysWhatItWas(): void
    {
        $this->as('marit')->save(self::brief(), 0)->assertOk();
        $practical = $this->set(1)->assertOk()->json('assessments.0');
        $package = (string) $this->get("/api/v1/assessments/$practical/package")->getContent();
        $document = PublishedStandard::latestOf('chicken-crown-and-legs')->document ?? self::fail('no standard');
        $document->time->standard_ms = 60_000;
        $this->postJson('/api/v1/standards', (array) $document)->assertOk();
        $policy = (array) $this->getJson('/api/v1/policy')->json('document');
        $this->postJson('/api/v1/policy', ['places' => 0] + $policy, ['If-Match' => '"1"'])->assertOk();
        self::assertSame($package, (string) $this->get("/api/v1/assessments/$practical/package")->getContent());
        $this->save(self::brief(['title' => 'Another']), 1)->assertConflict()->assertJsonPath('detail', 'This practical is set; copy it to plan another one.');
        $this->deleteJson("/api/v1/briefs/{$this->id}")->assertNoContent();
        self::assertNotNull(Brief::query()->find($this->id), 'what is set stays');
    }

    public function testSaysWhatIsMissingAndSetsNothingUntilItIsThere(): void
    {
        $empty = ['title' => ' ', 'day' => null, 'start' => null, 'room' => '', 'lists' => []];
        $missing = ['A name for the practical.', 'A standard on every list.', 'At least one student on every list.', 'The day and the time it begins.', 'The room.'];
        $this->as('ilse')->save(self::brief($empty), 0)->assertOk()->assertJsonPath('missing', $missing)->assertJsonPath('hour.p95_wait_s', null)->assertJsonPath('cost_minor', null);
        $refused = $this->set(1)->assertUnprocessable()->assertJsonPath('detail', '5 things in this brief are not right.');
        self::assertSame($missing, array_column((array) $refused->json('errors'), 'detail'));
        self::assertNull(Brief::query()->findOrFail($this->id)->set_at);
        $this->save(self::brief(['day' => '2020-02-29']), 1)->assertOk()->assertJsonPath('missing', ['A day that is not over.']);
    }

    public function testTwoStandardsAreTwoClassesInOneHourWithStationsThatGoOn(): void
    {
        $students = self::students();
        $brief = self::brief(['lists' => [
            self::list('chicken-crown-and-legs', array_slice($students, 0, 6)),
            self::list('sea-trout-fillets-ribs-trimmed', array_slice($students, 6)),
        ]]);
        $this->as('marit')->save($brief, 0)->assertOk();
        $practicals = (array) $this->set(1)->assertOk()->assertJsonCount(2, 'assessments')->json('assessments');
        $stations = array_map(fn(string $it): array => array_column((array) $this->getJson("/api/v1/assessments/$it/sheet")->json('rows'), 'station'), $practicals);
        self::assertSame([range(1, 6), range(7, 12)], $stations);
        self::assertSame(['Crown: Chicken, crown and legs', 'Crown: Sea trout, two fillets, ribs trimmed after'], Assessment::query()->findMany($practicals)->sortBy('id')->pluck('title')->all());
    }

    public function testAStudentTwiceARelativeAndAnAllergyAreTold(): void
    {
        [$first, $second] = self::students();
        Student::query()->findOrFail($second)->update(['barred' => ['poultry']]);
        $teodor = User::query()->where('name', 'Teodor Vance')->firstOrFail()->id;
        $brief = self::brief([
            'lists' => [self::list('chicken-crown-and-legs', [$first, $second, $first])],
            'assessors' => [(object) ['person' => $teodor, 'is_second' => false, 'stations' => [1, 2]]],
            'not_by' => [(object) ['person' => $teodor, 'student' => $second]],
        ]);
        [$one, $other] = array_map(static fn(string $id): string => Student::query()->findOrFail($id)->name, [$first, $second]);
        $this->as('marit')->save($brief, 0)->assertOk()
            ->assertJsonPath('missing', ["$one is on the lists twice.", "Teodor Vance is not to assess $other, and is down for station 2."])
            ->assertJsonPath('warnings', ["$other is not to handle raw poultry (allergy).", "Nobody is down to mark $one at station 3."])
            ->assertJsonPath('lists.0.students.1.is_barred', true);
        $this->set(1)->assertUnprocessable();
    }

    /** By hand: 12 and two to spare, one on hand: 13, so three cases of six: 18 × 1.85 kg at 4.95 (whole cases and spares are common practice). */
    public function testOrdersWhatTheListsNeed(): void
    {
        $this->as('marit')->save(self::brief(), 0)->assertOk()
            ->assertJsonPath('lists.0.order.needed', 14)->assertJsonPath('lists.0.order.to_buy', 13)->assertJsonPath('lists.0.order.cases', 3)->assertJsonPath('lists.0.order.ordered', 18)
            ->assertJsonPath('lists.0.order.mass_mg', 33_300_000)->assertJsonPath('lists.0.order.cost_minor', 16_484)->assertJsonPath('cost_minor', 16_484)->assertJsonPath('currency', 'EUR');
        // Frozen, about 1.85 kg: one day in the refrigerator (USDA, The Big Thaw).
        $frozen = self::brief();
        $frozen->lists[0]->order->is_frozen = true;
        $this->save($frozen, 1)->assertOk()->assertJsonPath('lists.0.order.thaw_from', $this->app?->make(School::class)->today()->toDateString().'T09:00:00.000Z');
    }

    public function testKeepsTheLaterOfTwoWritersAndRefusesWhatIsNoBrief(): void
    {
        $this->as('marit')->save(self::brief(), 0)->assertOk()->assertHeader('ETag', '"1"');
        $this->save(self::brief(), 0)->assertOk()->assertJsonPath('version', 1);
        $this->as('ilse')->save(self::brief(['title' => 'Mine']), 0)->assertStatus(412)->assertHeader('ETag', '"1"');
        $this->save(self::brief(['title' => 'Mine']), 1)->assertOk()->assertJsonPath('version', 2);
        $this->as('marit')->set(1)->assertStatus(412);
        foreach (['brief.benches' => ['benches' => 0], 'brief.start' => ['start' => '9 o\'clock'], 'brief.day' => ['day' => '2026-02-30'], 'brief.lists' => ['lists' => array_fill(0, 9, self::list('chicken-crown-and-legs', []))], 'brief.colour' => ['colour' => 'red']] as $path => $wrong) {
            $this->save(self::brief($wrong), 2)->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
        }
        $list = (array) $this->getJson('/api/v1/briefs')->assertOk()->json('briefs');
        self::assertSame(['Mine', 12], [$list[0]['title'], $list[0]['students']]);
        $this->deleteJson("/api/v1/briefs/{$this->id}")->assertNoContent();
        $this->getJson("/api/v1/briefs/{$this->id}")->assertNotFound();
    }

    public function testWhatIsPlannedStandsBeforeWhatIsSet(): void
    {
        $this->as('marit')->save(self::brief(), 0)->assertOk();
        $this->set(1)->assertOk();
        $titles = array_column((array) $this->getJson('/api/v1/briefs')->assertOk()->json('briefs'), 'title');
        self::assertEqualsCanonicalizing(['Crown and legs', '', 'Crown'], $titles);
        self::assertSame('Crown', $titles[2]);
    }

    public function testEveryBriefStandsOnOnePageAndTheLastPageSaysSo(): void
    {
        $earlier = Brief::query()->count();
        $by = User::query()->where('email', 'like', 'marit@%')->value('id');
        for ($count = 0; $count < 101; $count++) {
            (new Brief())->forceFill(['document' => self::brief(['title' => "Week $count"]), 'version' => 1, 'saved_by' => $by, 'saved_at' => now()->addSeconds($count)])->save();
        }
        $titles = [];
        for ($page = 1; $page !== null; $page = $answer->json('next')) {
            $answer = $this->as('marit')->getJson("/api/v1/briefs?page=$page")->assertOk();
            $titles[] = array_column((array) $answer->json('briefs'), 'title');
        }
        self::assertSame([50, 50, 1 + $earlier], array_map(count(...), $titles));
        self::assertSame('Week 100', $titles[0][0]);
        self::assertCount(101, array_filter(array_unique(array_merge(...$titles)), static fn(mixed $it): bool => is_string($it) && str_starts_with($it, 'Week')));
        $this->getJson('/api/v1/briefs?page=0')->assertUnprocessable();
    }

    /** Offsets as in the IANA time zone database; summer time begins in Auckland on 27 September 2026, and ends in Honolulu never. */
    #[TestWith(['Pacific/Auckland', '2026-09-26', '2026-09-25T21:00:00.000Z'])]
    #[TestWith(['Pacific/Auckland', '2026-09-28', '2026-09-27T20:00:00.000Z'])]
    #[TestWith(['Australia/Sydney', '2026-10-05', '2026-10-04T22:00:00.000Z'])]
    #[TestWith(['Asia/Kolkata', '2026-09-28', '2026-09-28T03:30:00.000Z'])]
    #[TestWith(['Pacific/Honolulu', '2026-09-28', '2026-09-28T19:00:00.000Z'])]
    public function testNineOClockIsNineAtTheSchool(string $zone, string $day, string $instant): void
    {
        $this->as('ilse')->patchJson('/api/v1/school', ['time_zone' => $zone], ['If-Match' => '"'.(SchoolSetting::latestChoice()->seq ?? 0).'"'])->assertOk();
        $this->travelTo(CarbonImmutable::parse('2026-09-20T12:00:00Z'));
        $frozen = self::brief(['day' => $day]);
        $frozen->lists[0]->order->is_frozen = true;
        $this->as('marit')->save($frozen, 0)->assertOk()->assertJsonPath('missing', [])
            ->assertJsonPath('lists.0.order.thaw_from', CarbonImmutable::parse($instant)->subDay()->format(Capture::AT_FORMAT));
        $practical = Assessment::query()->findOrFail($this->set(1)->assertOk()->json('assessments.0'));
        self::assertSame([$day, $instant], [$practical->held_on->toDateString(), $practical->starts_at?->utc()->format(Capture::AT_FORMAT)]);
    }

    public function testTwentyFourStudentsAtTenBenchesWorkInThreeWaves(): void
    {
        $group = Student::query()->firstOrFail()->student_group_id;
        foreach (range(13, 24) as $number) {
            Student::query()->create(['name' => "Student $number", 'student_group_id' => $group]);
        }
        $saved = $this->as('marit')->save(self::brief(['benches' => 10, 'waves' => 1, 'scales' => 2, 'lists' => [self::list('chicken-crown-and-legs', self::students())]]), 0)->assertOk()->assertJsonPath('hour.waves', 3);
        $students = (array) $saved->json('lists.0.students');
        self::assertSame(range(1, 24), array_column($students, 'station'));
        self::assertSame([8, 8, 8], array_values(array_count_values(array_column($students, 'wave'))));
        self::assertLessThanOrEqual(10, max(array_column($students, 'bench')));
        $byBench = [];
        foreach ($students as $student) {
            self::assertGreaterThanOrEqual(($byBench[$student['bench']] ?? -600) + 600, $student['start_s'], "bench {$student['bench']} is free, clean and set up");
            $byBench[$student['bench']] = $student['free_s'];
        }
        self::assertEquals(max($byBench), $saved->json('hour.free_s'));
        $this->set(1)->assertOk();
    }

    public function testWhatIsNoLongerThereIsLeftOut(): void
    {
        $brief = self::brief(['lists' => [self::list('chicken-crown-and-legs', [self::students()[0], (string) Str::uuid7()])]]);
        $brief->lists[0]->standard = (string) Str::uuid7();
        $this->as('marit')->save($brief, 0)->assertOk()->assertJsonPath('missing', ['A standard on every list.'])->assertJsonCount(1, 'lists.0.students')
            ->assertJsonPath('lists.0.title', null)->assertJsonPath('lists.0.order', null)->assertJsonPath('cost_minor', null);
        $this->set(1)->assertUnprocessable();
    }

    public function testALaterVersionOfTheStandardIsToldAndTakenOnlyByHand(): void
    {
        $brief = self::brief();
        $this->as('marit')->save($brief, 0)->assertOk()->assertJsonPath('lists.0.version', 1)->assertJsonPath('lists.0.later_version', null);
        $document = PublishedStandard::latestOf('chicken-crown-and-legs')->document ?? self::fail('no standard');
        $document->time->limit_ms = 2_400_000;
        $next = $this->postJson('/api/v1/standards', (array) $document)->assertOk()->json('item.id');
        $this->getJson("/api/v1/briefs/{$this->id}")->assertOk()->assertJsonPath('lists.0.version', 1)->assertJsonPath('lists.0.later_version', 2);
        $brief->lists[0]->standard = $next;
        $this->save($brief, 1)->assertOk()->assertJsonPath('lists.0.version', 2)->assertJsonPath('lists.0.limit_ms', 2_400_000)->assertJsonPath('lists.0.later_version', null);
    }

    public function testTheHourIsSimulatedFromTheSchoolsOwnTrays(): void
    {
        $hour = $this->as('marit')->save(self::brief(), 0)->assertOk()->assertJsonPath('hour.is_own', true)->json('hour');
        self::assertGreaterThanOrEqual(20, $hour['weighed_trays']);
        self::assertGreaterThan($hour['mean_wait_s'], $hour['p95_wait_s']);
        $two = $this->save(self::brief(['scales' => 2]), 1)->assertOk()->json('hour');
        self::assertLessThan($hour['p95_wait_s'], $two['p95_wait_s']);
        self::assertLessThanOrEqual($hour['smallest_gap_s'], $two['smallest_gap_s']);
        $this->save(self::brief(['waves' => 1]), 2)->assertOk()->assertJsonPath('hour.waves', 1)->assertJsonPath('hour.smallest_gap_s', null);
    }
}
