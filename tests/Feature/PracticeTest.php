<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use App\Models\PracticeFact;
use App\Models\PublishedStandard;
use App\Models\Student;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class PracticeTest extends TestCase
{
    public function testAStudentFindsWhatTheyCutNextFirstAndThenWhatTheyTried(): void
    {
        $items = (array) $this->as('amina')->getJson('/api/v1/practice')->assertOk()->json('items');
        self::assertCount(count((new ShippedDocuments())->keys()), $items);
        $next = array_column($items, 'next_on');
        $days = array_values(array_filter($next, is_string(...)));
        self::assertNotSame([], $days);
        self::assertSame([...$days, ...array_fill(0, count($items) - count($days), null)], $next);
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days);
        $next = (array) $this->getJson('/api/v1/practice')->json('next');
        self::assertSame($days[0], $next['held_on']);
        self::assertSame([1, 'Larder kitchen'], [$next['station'], $next['room']]);
        self::assertContains('Hands washed, cuts covered', $next['ready']);
        self::assertDoesNotMatchRegularExpression('/[{}]/', implode(' ', $next['ready']));
        $tries = array_slice(array_column($items, 'tries'), count($days));
        self::assertGreaterThan(0, $tries[0]);
        self::assertSame(0, end($tries));
        // Who cuts at no practical has none of their own.
        self::assertSame([0], array_values(array_unique(array_column((array) $this->as('marit')->getJson('/api/v1/practice')->json('items'), 'tries'))));
    }

    public function testWhoWorksUnderSupervisionIsToldSoWhileItHolds(): void
    {
        $supervised = fn(string $account): mixed => $this->as($account)->getJson('/api/v1/practice')->assertOk()->json('supervised');
        self::assertFalse($supervised('kenji'));
        $student = Student::query()->where('name', 'like', 'Kenji%')->firstOrFail();
        $this->as('marit')->postJson("/api/v1/students/$student->id/accommodations", ['kind' => 'supervised', 'time_factor' => null, 'from' => now()->subDay()->toDateString(), 'until' => now()->addDays(2)->toDateString(), 'reason' => 'Sixteen until Sunday'])->assertSuccessful();
        self::assertTrue($supervised('kenji'));
        self::assertFalse($supervised('amina'));
        $this->travel(3)->days();
        self::assertFalse($supervised('kenji'));
    }

    public function testAPracticalOfTodayIsTheNextOneUntilTheTrayIsPresented(): void
    {
        $today = $this->practical()->held_on->toDateString();
        $nextOf = function (int $station): mixed {
            $user = $this->station($station)->student->user ?? self::fail("nobody signs in for station $station");

            return $this->as(Str::before($user->email, '@'))->getJson('/api/v1/practice')->assertOk()->json('next.held_on');
        };
        self::assertSame(['judged', 'waiting'], array_map(fn(int $it): string => $this->station($it)->row->stage->value, [1, 12]));
        self::assertSame($today, $nextOf(12));
        self::assertNotSame($today, $nextOf(1));
    }

    public function testAPracticalThatWasCalledOffIsNoNextOne(): void
    {
        $this->as('amina');
        $before = array_filter(array_column((array) $this->getJson('/api/v1/practice')->json('items'), 'next_on'));
        Assessment::query()->where('held_on', '>=', $before === [] ? '9999-01-01' : min($before))->update(['cancelled' => 'The room is flooded.']);
        self::assertSame([], array_filter(array_column((array) $this->getJson('/api/v1/practice')->json('items'), 'next_on')));
    }

    public function testTheMethodCardIsSaidInTheWordsOfTheSchool(): void
    {
        $standard = self::standard('sea-trout-fillets-ribs-on-frame');
        $card = $this->as('amina')->getJson("/api/v1/practice/$standard->id")->assertOk();
        self::assertGreaterThan(3, count((array) $card->json('steps')));
        self::assertDoesNotMatchRegularExpression('/[{}]/', implode(' ', [...array_column((array) $card->json('steps'), 'do'), ...array_column((array) $card->json('steps'), 'fault'), ...(array) $card->json('cautions')]));
    }

    public function testTheTriesOfAStandardStandBesideItsPracticeAndOnlyForTheirOwner(): void
    {
        $standard = self::standard('chicken-eight-piece');
        $tries = array_filter((array) $this->as('amina')->getJson("/api/v1/practice/$standard->id")->assertOk()->json('tries'), static fn(array $it): bool => $it['attempt'] !== null);
        self::assertNotSame([], $tries);
        $last = end($tries);
        $released = $this->getJson("/api/v1/attempts/{$last['attempt']}/released")->assertOk();
        self::assertSame($released->json('held_on'), $last['on']);
        self::assertEquals($released->json('result.total'), $last['total']);
        self::assertEquals($released->json('result.yields.portion'), $last['yield_share']);
        self::assertEquals($released->json('result.time.running_ms'), $last['running_ms']);
        self::assertSame([], $this->as('teodor')->getJson("/api/v1/practice/$standard->id")->json('tries'));
        self::assertSame([], $this->as('amina')->getJson('/api/v1/practice/'.self::standard('quail-boned')->id)->json('tries'));
    }

    /** What is worth most is what the released results lost points at, and never more than they lost there. */
    public function testWhatIsWorthMostComesFromTheReleasedResults(): void
    {
        $standard = self::standard('chicken-eight-piece');
        $practice = $this->as('amina')->getJson("/api/v1/practice/$standard->id")->assertOk();
        $lost = [];
        foreach (array_slice(array_filter((array) $practice->json('tries'), static fn(array $it): bool => $it['attempt'] !== null), -3) as $try) {
            foreach ((array) $this->getJson("/api/v1/attempts/{$try['attempt']}/released")->json('result.reasons') as $reason) {
                $lost[$reason['text']] = $reason['lost'];
            }
        }
        $worth = (array) $practice->json('worth');
        self::assertNotSame([], $worth);
        self::assertLessThanOrEqual(3, count($worth));
        foreach ($worth as $it) {
            self::assertArrayHasKey($it['text'], $lost);
            self::assertGreaterThan(0, $it['points']);
            self::assertLessThanOrEqual($it['tries'], $it['times']);
            if ($it['step'] !== null) {
                self::assertNotSame([], $practice->json("steps.{$it['step']}.parts"));
            }
        }
        self::assertNotSame([], array_filter(array_column($worth, 'step'), is_int(...)));
        self::assertSame([], $this->as('marit')->getJson("/api/v1/practice/$standard->id")->json('worth'));
    }

    public function testARoundAsksTheSameOfEverybodyAndAnotherAsksOtherwise(): void
    {
        $address = '/api/v1/practice/'.self::standard('chicken-eight-piece')->id.'/quiz?round=';
        $first = (array) $this->as('amina')->getJson($address.'2026-06-12%201')->assertOk()->json();
        self::assertCount(10, $first);
        self::assertSame($first, $this->as('marit')->getJson($address.'2026-06-12%201')->json());
        self::assertNotSame($first, $this->getJson($address.'2026-06-12%202')->json());
        foreach ($first as $question) {
            self::assertSame($question['options'] === [], $question['right'] === null);
            self::assertSame($question['mass'] === null, $question['right'] !== null);
            self::assertDoesNotMatchRegularExpression('/[{}]/', implode(' ', [$question['ask'], $question['why'], ...$question['options']]));
        }
        $this->getJson($address)->assertUnprocessable()->assertJsonPath('errors.0.path', 'round');
        $this->getJson($address.str_repeat('x', 41))->assertUnprocessable();
    }

    /** Words and units are those of the school: a guess in ounces is asked for in ounces. */
    public function testQuestionsAreAskedInTheUnitsOfTheSchool(): void
    {
        $address = '/api/v1/practice/'.self::standard('chicken-eight-piece')->id.'/quiz?round=units';
        $ask = fn(): string => implode(' ', array_column(array_filter((array) $this->as('amina')->getJson($address)->json(), static fn(array $it): bool => $it['kind'] === 'estimate'), 'ask'));
        self::assertMatchesRegularExpression('/weighs [\d. ]+k?g as purchased/', $ask());
        $version = $this->as('ilse')->getJson('/api/v1/school')->headers->get('ETag');
        $this->patchJson('/api/v1/school', ['units' => 'us'], ['If-Match' => (string) $version])->assertOk();
        self::assertMatchesRegularExpression('/weighs [\d. ]+(lb|oz)/', $ask());
    }

    /** What was missed comes back tomorrow, what was known in a week; what is answered today changes nothing of today's rounds. */
    public function testWhatWasAnsweredIsAskedAgainWhenItIsDue(): void
    {
        $standard = self::standard('salmon-fillets-ribs-trimmed');
        $this->as('amina')->travelTo(CarbonImmutable::parse('2026-06-12T09:00:00Z'));
        $due = fn(int $round = 1): array => (array) $this->getJson("/api/v1/practice/$standard->id/due?round=$round")->assertOk()->json();
        $first = $due();
        self::assertCount(10, $first);
        self::assertSame([], array_intersect(self::asked($first), self::asked($due(2))));
        $answers = array_map(fn(array $it, int $index): array => self::answer($it, $index < 3 ? 'missed' : 'right'), $first, array_keys($first));
        $this->take($standard, $answers);
        self::assertSame(self::asked($first), self::asked($due()));
        self::assertSame(0, $this->getJson("/api/v1/practice/$standard->id")->json('due'));

        $this->travelTo(CarbonImmutable::parse('2026-06-13T09:00:00Z'));
        self::assertSame(10, $this->getJson("/api/v1/practice/$standard->id")->json('due'));
        self::assertEqualsCanonicalizing(self::asked($first), self::asked($due()));
        $this->take($standard, array_map(fn(array $it): array => self::answer($it, 'right'), $first));

        // One of a row comes back tomorrow, two of a row in six days.
        $this->travelTo(CarbonImmutable::parse('2026-06-14T09:00:00Z'));
        self::assertSame(3, $this->getJson("/api/v1/practice/$standard->id")->json('due'));
        self::assertEqualsCanonicalizing(self::asked(array_slice($first, 0, 3)), array_slice(self::asked($due()), 0, 3));
        self::assertSame([], array_intersect(self::asked(array_slice($first, 3)), self::asked($due())));
        $shelf = (array) $this->getJson('/api/v1/practice')->json();
        self::assertSame(2, $shelf['streak']);
        self::assertSame(3, array_sum(array_column((array) $shelf['items'], 'due')));
        // Somebody else has their own.
        self::assertSame(0, $this->as('tomasz')->getJson("/api/v1/practice/$standard->id")->json('due'));
    }

    /** What is worth most has a drill; done, it comes back by SM-2: a day later, then six days after that; it is no question that is due. */
    public function testADrillThatWasDoneIsDueAgainAndIsNoQuestion(): void
    {
        $standard = self::standard('chicken-eight-piece');
        $read = fn(): array => (array) $this->as('amina')->getJson("/api/v1/practice/$standard->id")->assertOk()->json();
        $before = $read();
        self::assertSame([null], array_values(array_unique(array_column($before['worth'], 'due_on'))));
        self::assertNotContains('', array_column($before['worth'], 'drill'));
        $drill = ['kind' => 'drill', 'about' => $before['worth'][0]['about']];
        $today = School::inForce(new ShippedDocuments())->today();
        $this->take($standard, [self::answer($drill, 'right')]);
        $after = $read();
        self::assertSame([$today->addDay()->toDateString(), null, null], array_column($after['worth'], 'due_on'));
        $this->travel(1)->days();
        $due = $read()['due'];
        $this->take($standard, [self::answer($drill, 'right')]);
        self::assertSame($today->addDays(7)->toDateString(), $read()['worth'][0]['due_on']);
        self::assertSame($due, $read()['due']);
        $this->take($standard, [self::answer($drill, 'missed')]);
        self::assertSame($today->addDays(2)->toDateString(), $read()['worth'][0]['due_on']);
        foreach ((array) $this->getJson("/api/v1/practice/$standard->id/due?round=1")->json() as $question) {
            self::assertNotSame('drill', $question['kind']);
        }
    }

    public function testAnAnswerIsTakenOnceAndAnotherUnderItsIdIsRefused(): void
    {
        $standard = self::standard('quail-split');
        $answer = ['id' => (string) Str::uuid7(), 'at' => '2026-06-12T09:00:00.000Z', 'kind' => 'answer', 'question' => 'goes', 'about' => 'backbone', 'how' => 'right'];
        $this->as('amina')->take($standard, [$answer]);
        $this->take($standard, [$answer]);
        self::assertSame(1, PracticeFact::query()->where('id', $answer['id'])->count());
        $send = fn(array $facts): TestResponse => $this->postJson("/api/v1/practice/$standard->id/facts", ['device' => 'phone', 'facts' => $facts]);
        $send([['how' => 'missed'] + $answer])->assertConflict();
        $this->as('tomasz');
        $send([$answer])->assertConflict();
        $before = PracticeFact::query()->count();
        $send([['id' => (string) Str::uuid7()] + $answer, ['id' => (string) Str::uuid7(), 'how' => 'well'] + $answer])->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[1].how');
        $send([['kind' => 'piece'] + $answer])->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].kind');
        self::assertSame($before, PracticeFact::query()->count());
    }

    public function testAPracticeTrayIsHeldAgainstTheSameWindowsAndGradedByNobody(): void
    {
        $standard = self::standard('chicken-eight-piece');
        [$tray, $address] = [(string) Str::uuid7(), "/api/v1/practice/$standard->id/trays/"];
        $shown = $this->as('amina')->postJson("$address$tray/captures", ['device' => 'phone', 'captures' => [
            self::taken('received', ['mass_mg' => 1_850_000, 'defects' => []]),
            self::taken('clock', ['event' => 'start'], '2026-06-12T09:00:00.000Z'),
            self::taken('piece', ['piece' => 'thigh.left', 'mass_mg' => 150_000]),
            self::taken('piece', ['piece' => 'thigh.right', 'mass_mg' => 262_000]),
            self::taken('level', ['criterion' => 'wing-joint', 'level' => 3]),
            self::taken('clock', ['event' => 'stop'], '2026-06-12T09:21:00.000Z'),
        ]])->assertOk();
        self::assertSame(['within', 'over'], array_map(static fn(string $piece): string => array_column((array) $shown->json('result.pieces'), 'verdict', 'id')[$piece], ['thigh.left', 'thigh.right']));
        self::assertSame([null, null, [], []], [$shown->json('result.total'), $shown->json('result.band'), $shown->json('result.components'), $shown->json('result.reasons')]);
        self::assertSame(1_260_000, $shown->json('result.time.running_ms'));
        $tries = array_filter((array) $this->getJson("/api/v1/practice/$standard->id")->json('tries'), static fn(array $it): bool => $it['tray'] === $tray);
        self::assertSame([[1, 2, null, 1_260_000]], array_values(array_map(static fn(array $it): array => [$it['met'], $it['weighed'], $it['total'], $it['running_ms']], $tries)));

        // How one judges oneself, beside what an assessor gave.
        $given = 0;
        foreach ((array) $shown->json('apart') as $it) {
            self::assertSame(['wing-joint', 4, $it['own'] - $it['given']], [$it['criterion'], $it['own'], $it['kinder']]);
            $given++;
        }
        self::assertSame(1, $given);

        // It is there for nobody else, and nobody adds to it.
        self::assertSame([], $this->as('marit')->getJson("$address$tray")->assertOk()->json('captures'));
        $this->as('tomasz')->postJson("$address$tray/captures", ['device' => 'phone', 'captures' => [self::taken('scrape', ['mass_mg' => 1_000])]])->assertConflict();
        $this->as('amina')->postJson("$address$tray/captures", ['device' => 'phone', 'captures' => [self::taken('station', ['station' => 3])]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].kind');
        $this->postJson("$address$tray/captures", ['device' => 'phone', 'captures' => [self::taken('piece', ['piece' => 'tail', 'mass_mg' => 1])]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].piece');
        $this->postJson("$address$tray/captures", ['device' => 'phone', 'captures' => [self::taken('void', ['target' => (string) Str::uuid7(), 'reason' => 'No such'])]])->assertUnprocessable();
        self::assertSame(6, PracticeFact::query()->where('tray', $tray)->count());
    }

    public function testATryIsOfTheDayItWasAtTheSchool(): void
    {
        $version = $this->as('ilse')->getJson('/api/v1/school')->headers->get('ETag');
        $this->patchJson('/api/v1/school', ['time_zone' => 'Pacific/Auckland'], ['If-Match' => (string) $version])->assertOk();
        $standard = self::standard('quail-split');
        $this->as('amina')->postJson("/api/v1/practice/$standard->id/trays/".Str::uuid7().'/captures', ['device' => 'phone', 'captures' => [self::taken('received', ['mass_mg' => 210_000, 'defects' => []], '2026-06-12T20:00:00.000Z')]])->assertOk();
        self::assertSame('2026-06-13', $this->getJson("/api/v1/practice/$standard->id")->json('tries.0.on'));
    }

    public function testATrayStaysWithTheVersionOfTheStandardItWasBegunBy(): void
    {
        $first = self::standard('quail-split');
        $tray = (string) Str::uuid7();
        $weigh = fn(PublishedStandard $standard): TestResponse => $this->postJson("/api/v1/practice/$standard->id/trays/$tray/captures", ['device' => 'phone', 'captures' => [self::taken('received', ['mass_mg' => 210_000, 'defects' => []])]]);
        $this->as('amina');
        $weigh($first)->assertOk();
        $second = PublishedStandard::query()->create(['version' => $first->version + 1] + $first->only(['key', 'document', 'published_by', 'published_at']));
        self::assertSame($first->id, $this->getJson("/api/v1/practice/$second->id/trays/$tray")->assertOk()->json('standard_id'));
        self::assertCount(1, (array) $this->getJson("/api/v1/practice/$second->id")->json('tries'));
        $weigh($second)->assertConflict();
        $weigh($first)->assertOk();
    }

    public function testATrayOfWhoTeachesIsHeldBesideThoseOfStudents(): void
    {
        $standard = self::standard('chicken-eight-piece');
        [$reference, $own, $address] = [(string) Str::uuid7(), (string) Str::uuid7(), "/api/v1/practice/$standard->id"];
        $weigh = fn(string $tray, int $whole, int $thigh): TestResponse => $this->postJson("$address/trays/$tray/captures", ['device' => 'phone', 'captures' => [
            self::taken('received', ['mass_mg' => $whole, 'defects' => []]),
            self::taken('piece', ['piece' => 'thigh.left', 'mass_mg' => $thigh]),
        ]])->assertOk();
        $this->as('marit');
        $weigh($reference, 2_000_000, 160_000);
        // What is nobody's, or somebody else's, is no reference.
        $this->putJson("$address/reference", ['tray' => (string) Str::uuid7()])->assertConflict();
        $this->as('teodor')->putJson("$address/reference", ['tray' => $reference])->assertConflict();
        $this->as('amina')->putJson("$address/reference", ['tray' => $reference])->assertForbidden();
        $this->as('marit')->putJson("$address/reference", ['tray' => $reference])->assertNoContent();
        $this->putJson("$address/reference", ['tray' => $reference])->assertNoContent();
        $this->as('amina');
        $shown = $weigh($own, 1_850_000, 150_000);
        self::assertSame(['Marit Oyelaran', $reference], [$shown->json('reference.by'), $shown->json('reference.tray')]);
        self::assertEqualsWithDelta(0.08, $shown->json('reference.shares')['thigh.left'], 1e-9);
        self::assertEqualsWithDelta(150 / 1850, $shown->json('shares')['thigh.left'], 1e-9);
        $this->as('marit')->putJson("$address/reference", ['tray' => null])->assertNoContent();
        self::assertNull($this->as('amina')->getJson("$address/trays/$own")->json('reference'));
    }

    /** Searched: no table but its own holds what was practised, and no class, package, result, record or release says it. */
    public function testPracticeReachesNoClassNoPackageAndNoRelease(): void
    {
        $standard = self::standard('chicken-eight-piece');
        $tables = static fn(): array => array_map(static fn(\stdClass $it): int => DB::table($it->tablename)->count(), DB::select("SELECT tablename FROM pg_tables WHERE schemaname = 'public' AND tablename NOT IN ('practice_facts', 'sessions', 'cache', 'cache_locks') ORDER BY tablename"));
        $practical = $this->practical()->id;
        $pages = fn(): array => array_map(fn(string $it): string => (string) $this->as('marit')->get("/api/v1$it")->getContent(), ["/assessments/$practical/sheet", "/assessments/$practical/package", "/assessments/$practical/sheet.csv", '/bench']);
        [$rows, $said] = [$tables(), $pages()];
        $marker = 'practised by myself '.Str::random(8);
        $this->as('amina')->postJson("/api/v1/practice/$standard->id/trays/".Str::uuid7().'/captures', ['device' => 'phone', 'captures' => [
            self::taken('received', ['mass_mg' => 1_850_000, 'defects' => []]),
            self::taken('note', ['text' => $marker]),
        ]])->assertOk();
        $this->take($standard, [['id' => (string) Str::uuid7(), 'at' => '2026-06-12T09:00:00.000Z', 'kind' => 'followed']]);
        self::assertSame($rows, $tables());
        self::assertSame($said, $pages());
        foreach ($pages() as $page) {
            self::assertStringNotContainsString($marker, $page);
        }
    }

    /**
     * @param list<array<string, mixed>> $questions
     *
     * @return list<string>
     */
    private static function asked(array $questions): array
    {
        return array_map(static fn(array $it): string => "{$it['kind']} {$it['about']}", $questions);
    }

    /**
     * @param array<string, mixed> $question
     *
     * @return array<string, mixed>
     */
    private static function answer(array $question, string $how): array
    {
        return ['id' => (string) Str::uuid7(), 'at' => now()->format('Y-m-d\TH:i:s.v\Z'), 'kind' => 'answer', 'question' => $question['kind'], 'about' => $question['about'], 'how' => $how];
    }

    /** @param list<array<string, mixed>> $facts */
    private function take(PublishedStandard $standard, array $facts): void
    {
        $this->postJson("/api/v1/practice/$standard->id/facts", ['device' => 'phone', 'facts' => $facts])->assertNoContent();
    }

    /**
     * @param array<string, mixed> $of
     *
     * @return array<string, mixed>
     */
    private static function taken(string $kind, array $of, string $at = '2026-06-12T10:00:00.000Z'): array
    {
        return ['id' => (string) Str::uuid7(), 'at' => $at, 'kind' => $kind] + $of;
    }

    private static function standard(string $key): PublishedStandard
    {
        return PublishedStandard::latestOf($key) ?? self::fail("no $key");
    }
}
