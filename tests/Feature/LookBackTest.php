<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\PooledCarcassFile;
use App\Models\PublishedStandard;
use App\Models\Release;
use App\Models\ResultRow;
use App\Models\Student;
use Database\Seeders\DemoYear;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as AssessmentPackage;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Str;
use Tests\TestCase;

/** A year of classes looked back on: what happened in it must be found, and what is said of it must be what the core says. */
final class LookBackTest extends TestCase
{
    private const KEY = 'chicken-eight-piece';

    private string $address;

    /** The year is seeded once for all of these tests; those after them begin without it again. */
    public static function setUpBeforeClass(): void
    {
        RefreshDatabaseState::$migrated = false;
    }

    public static function tearDownAfterClass(): void
    {
        RefreshDatabaseState::$migrated = false;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->address = '/api/v1/standards/'.self::latest()->id;
    }

    public function testTheChartsFindTheBluntWeekAndTheOtherSupplier(): void
    {
        $trends = $this->as('marit')->getJson('/api/v1/trends?standard='.self::KEY)->assertOk();
        $classes = (array) $trends->json('classes');
        self::assertSame(['Eight pieces, class 1', 'Eight pieces, class 26'], [$classes[0]['title'], $classes[DemoYear::CLASSES - 1]['title']]);
        $charts = array_column((array) $trends->json('charts'), null, 'measure');
        self::assertSame(['total', 'yield', 'loss', 'scrape', 'time'], array_keys($charts));
        $signals = static fn(string $measure, string $rule): array => array_column(array_filter($charts[$measure]['signals'], static fn(array $it): bool => $it['rule'] === $rule), 'at');
        foreach (['total', 'scrape', 'time'] as $measure) {
            self::assertContains(DemoYear::BLUNT, $signals($measure, 'beyond'), $measure);
        }
        // From the eighth class with the other birds on, and not before they came.
        self::assertContains(DemoYear::OTHER_SUPPLIER + 7, $signals('yield', 'run'));
        self::assertSame([], array_filter($signals('yield', 'run'), static fn(int $at): bool => $at < DemoYear::OTHER_SUPPLIER + 7));
        self::assertSame(['Birds from another supplier'], array_column((array) $trends->json('notes'), 'text'));
        self::assertGreaterThan($classes[DemoYear::OTHER_SUPPLIER - 1]['held_on'], $trends->json('notes.0.on'));
    }

    public function testTheStandardSaysWhatItMeasuresTwiceOrNotAtAll(): void
    {
        $look = $this->as('teodor')->getJson("$this->address/look-back")->assertOk();
        $found = array_map(static fn(mixed $it): array => [data_get($it, 'kind'), data_get($it, 'place')], (array) $look->json('findings'));
        self::assertContains(['criterion_easy', DemoYear::EASY], $found);
        self::assertContains(['criterion_apart', DemoYear::APART], $found);
        self::assertSame([['criteria_alike', DemoYear::TWINS[0]]], array_values(array_filter($found, static fn(array $it): bool => $it[0] === 'criteria_alike')));
        // Added up by hand from the rows of results.
        $rows = ResultRow::query()->whereIn('assessment_id', Assessment::query()->where('is_rehearsal', false)->pluck('id'))->where('status', 'final')->whereRaw("second_open::text = '[]'")->whereRaw('jsonb_exists(points, ?)', [DemoYear::APART])->get();
        $apart = array_values(array_filter((array) $look->json('criteria'), static fn(mixed $it): bool => data_get($it, 'id') === DemoYear::APART))[0];
        self::assertSame(data_get($look->json('criteria.0'), 'trays'), data_get($apart, 'trays'));
        self::assertEqualsWithDelta($rows->filter(static fn(ResultRow $it): bool => in_array($it->assessment_id, self::classes(), true))->avg(static fn(ResultRow $it): float => (float) $it->points->{DemoYear::APART}) / 3, data_get($apart, 'difficulty'), 1e-9);
        self::assertSame(count((array) $look->json('criteria')) + count((array) $look->json('windows')) + 1, substr_count(trim((string) $this->get("$this->address/look-back.csv")->assertOk()->getContent()), "\n") + 1);
    }

    public function testWhoMarksLowerIsSeenAndWavesAreNot(): void
    {
        $fairness = $this->as('ilse')->getJson("$this->address/fairness")->assertOk();
        $factors = array_column((array) $fairness->json('factors'), 'values', 'factor');
        $assessors = array_column((array) $factors['assessor'], null, 'value');
        self::assertTrue($assessors['Teodor Vance']['stands_out']);
        self::assertLessThan(0, $assessors['Teodor Vance']['points']['high']);
        foreach (['wave', 'scale'] as $factor) {
            self::assertSame([], array_filter(array_column((array) $factors[$factor], 'stands_out')), $factor);
        }
        self::assertSame(DemoYear::SUPPLIERS, array_values(array_intersect(array_column((array) $factors['delivery'], 'value'), DemoYear::SUPPLIERS)));
        // Nobody is named beside who marks.
        self::assertStringNotContainsString('Kowal', (string) $fairness->getContent());
        $this->get("$this->address/fairness.csv")->assertOk()->assertSee('Teodor Vance');
        $this->as('teodor')->getJson("$this->address/fairness")->assertForbidden();
    }

    /** A class comes with one delivery: it is read beside the latest class with the birds of the other supplier. */
    public function testWhatCostPointsIsReadBesideTheOtherSupplier(): void
    {
        $last = Assessment::query()->where('title', 'Eight pieces, class '.DemoYear::CLASSES)->firstOrFail();
        $other = Assessment::query()->where('title', 'Eight pieces, class '.DemoYear::OTHER_SUPPLIER)->firstOrFail();
        $look = $this->as('marit')->getJson("/api/v1/assessments/$last->id/look-back")->assertOk();
        $columns = array_values(array_filter((array) $look->json('lost_by'), static fn(mixed $it): bool => data_get($it, 'factor') === 'delivery'));
        self::assertSame([[DemoYear::SUPPLIERS[1], null, 8], [DemoYear::SUPPLIERS[0], $other->held_on->toDateString(), 8]], array_map(static fn(mixed $it): array => [data_get($it, 'value'), data_get($it, 'held_on'), data_get($it, 'trays')], $columns));
        self::assertEquals(array_column((array) $look->json('lost'), 'points'), data_get($columns[0], 'points'));
        // The birds with more frame give less in pieces, whoever cuts them.
        $yield = array_search('Yield', array_column((array) $look->json('lost'), 'title'), true);
        self::assertIsInt($yield);
        self::assertGreaterThan(data_get($columns[1], "points.$yield") + 1, data_get($columns[0], "points.$yield"));
        $earlier = array_column((array) $this->getJson("/api/v1/assessments/$other->id/look-back")->json('lost'), 'points', 'title');
        self::assertEqualsWithDelta($earlier['Yield'], data_get($columns[1], "points.$yield"), 1e-9);
        $lines = str_replace('"', '', (string) $this->get("/api/v1/assessments/$last->id/look-back.csv")->assertOk()->getContent());
        self::assertStringContainsString("\nLost at, delivery ".DemoYear::SUPPLIERS[0].',Yield,8,', str_replace('Lost at\\,', 'Lost at,', $lines));
    }

    /** What the birds of one supplier say; the other's are as the book has them, but for what stays on the frame. */
    public function testTheCarcassesOfASupplierSayWhatChanged(): void
    {
        $this->as('marit');
        $median = function (string $supplier): float {
            $own = $this->getJson("$this->address/own-carcasses?supplier=".rawurlencode($supplier))->assertOk();

            return (float) data_get(array_column((array) $own->json('pieces'), 'median', 'id'), 'breast\.left', array_column((array) $own->json('pieces'), 'median', 'id')['breast.left']);
        };
        [$before, $after] = array_map($median, DemoYear::SUPPLIERS);
        self::assertEqualsWithDelta(0.91, $after / $before, 0.03);
        $own = $this->getJson("$this->address/own-carcasses")->assertOk();
        self::assertTrue($own->json('proposes'));
        self::assertGreaterThan(200, $own->json('records'));
        self::assertEqualsWithDelta(1.0, array_sum(array_column((array) $own->json('parts'), 'new_share')), 1e-9);
        $few = $this->getJson("$this->address/own-carcasses?supplier=Nobody")->assertOk();
        self::assertSame([0, false, 20], [$few->json('records'), $few->json('proposes'), $few->json('at_least')]);
        $this->getJson("$this->address/own-carcasses?coverage=2&size=tiny")->assertUnprocessable()->assertJsonCount(2, 'errors');
    }

    /** Whose band would be another is what the core says of the package of each class with the proposed standard in it. */
    public function testWhatItWouldHaveChangedIsGradedAgain(): void
    {
        $effect = $this->as('marit')->getJson("$this->address/own-carcasses/effect")->assertOk();
        $class = (array) $effect->json('0');
        $own = $this->getJson("$this->address/own-carcasses");
        $package = json_decode((string) $this->get("/api/v1/assessments/{$class['assessment']}/package")->assertOk()->getContent(), false, 512, JSON_THROW_ON_ERROR);
        $windows = array_column((array) $own->json('pieces'), null, 'id');
        $shares = array_column((array) $own->json('parts'), 'new_share', 'id');
        foreach ($package->standard->pieces as $piece) {
            $piece->window = (object) ['basis' => 'share', 'low' => $windows[$piece->id]['new_low'], 'high' => $windows[$piece->id]['new_high']];
        }
        foreach ($package->standard->carcass->parts as $part) {
            $part->share = $shares[$part->id];
        }
        $released = Attempt::query()->where('assessment_id', $class['assessment'])->has('release')->get()->keyBy('id');
        $graded = array_filter(AssessmentPackage::read(Node::of($package))->grade()->attempts, static fn(AttemptResult $it): bool => isset($released[$it->attempt->id]));
        self::assertSame($class['results'], count($graded));
        $moved = array_filter($graded, static fn(AttemptResult $it): bool => $it->grade->band?->label !== $released[$it->attempt->id]?->row->band);
        self::assertEqualsCanonicalizing(array_values(array_map(static fn(AttemptResult $it): string => $it->attempt->id, $moved)), array_column((array) $class['bands'], 'attempt'));
        self::assertGreaterThan(0, array_sum(array_map(static fn(mixed $it): int => count((array) data_get($it, 'bands')), (array) $effect->json())));
    }

    /** From the records to a new version, once, with the others that cut the same bird; what was released stays. */
    public function testIsPublishedOnceWithTheOthersOfTheCarcassAndReleasedResultsStay(): void
    {
        $before = self::latest();
        $own = $this->as('marit')->getJson("$this->address/own-carcasses")->assertOk();
        $other = (array) $own->json('others.0');
        $seals = Release::query()->orderBy('id')->pluck('seal_sha256')->all();
        $body = ['others' => [$other['id']], 'coverage' => 0.95, 'confidence' => 0.9];
        $published = $this->postJson("$this->address/own-carcasses", $body)->assertOk();
        self::assertSame([$before->version + 1, $other['version'] + 1], array_column((array) $published->json(), 'version'));
        $document = self::latest()->document;
        self::assertSame(array_column((array) $own->json('pieces'), 'new_low', 'id'), array_column(array_map(static fn(\stdClass $it): array => [$it->id, $it->window->low], $document->pieces), 1, 0));
        $shares = static fn(\stdClass $it): array => array_column(array_map(static fn(\stdClass $part): array => [$part->id, $part->share], $it->carcass->parts), 1, 0);
        self::assertSame(array_column((array) $own->json('parts'), 'new_share', 'id'), $shares($document));
        self::assertSame($shares($document), $shares(PublishedStandard::query()->findOrFail(data_get($published->json(), '1.id'))->document));
        self::assertSame($seals, Release::query()->orderBy('id')->pluck('seal_sha256')->all());
        // Sent again, it is the same; on the version before, with another wish, it is refused.
        $this->postJson("$this->address/own-carcasses", $body)->assertOk()->assertJsonPath('0.version', $before->version + 1);
        $this->postJson("$this->address/own-carcasses", ['coverage' => 0.9] + $body)->assertStatus(412);
        self::assertSame($before->version + 1, self::latest()->version);
        $this->postJson("$this->address/own-carcasses", ['supplier' => 'Nobody', 'others' => []])->assertConflict();
        $quail = PublishedStandard::query()->where('key', 'quail-boned')->firstOrFail()->id;
        $this->postJson('/api/v1/standards/'.self::latest()->id.'/own-carcasses', ['others' => [$quail]] + $body)->assertConflict();
        // Windows are judged anew from the next class on; criteria go on being looked at.
        $look = $this->getJson('/api/v1/standards/'.self::latest()->id.'/look-back')->assertOk();
        self::assertSame(0, data_get($look->json(), 'windows.0.trays'));
        self::assertGreaterThan(200, data_get($look->json(), 'criteria.0.trays'));
    }

    public function testWeightsGoToOtherSchoolsWithoutAnybodyInThem(): void
    {
        $file = $this->as('ilse')->get("$this->address/carcasses.json")->assertOk();
        $document = json_decode((string) $file->getContent(), false, 64, JSON_THROW_ON_ERROR);
        self::assertGreaterThan(200, count($document->records));
        foreach ([...Student::query()->pluck('name')->all(), ...DemoYear::SUPPLIERS, ...Attempt::query()->limit(50)->pluck('id')->all()] as $secret) {
            self::assertStringNotContainsString((string) $secret, (string) $file->getContent());
        }
        // A class of four is withheld.
        $class = Assessment::query()->where('title', 'Eight pieces, class 3')->firstOrFail();
        ResultRow::query()->where('assessment_id', $class->id)->limit(8)->orderBy('station')->get()->take(4)->each(static fn(ResultRow $it) => ResultRow::query()->whereKey($it->attempt_id)->update(['status' => 'provisional']));
        $without = $this->get("$this->address/carcasses.json")->assertOk();
        $week = $class->held_on->format('o-\WW');
        self::assertStringContainsString($week, (string) $file->getContent());
        self::assertStringNotContainsString($week, (string) $without->getContent());
        self::assertSame((int) $file->headers->get('X-Withheld') + 4, (int) $without->headers->get('X-Withheld'));
        // Taken in again, they say what the school's own say, within the gram they were rounded to.
        $id = (string) Str::uuid7();
        $this->putJson("$this->address/pooled/$id", ['title' => 'Weir Lane College', 'file' => $document])->assertOk()->assertJson(['records' => count($document->records), 'otherwise' => []]);
        $this->putJson("$this->address/pooled/$id", ['title' => 'Weir Lane College', 'file' => $document])->assertOk();
        $this->putJson("$this->address/pooled/$id", ['title' => 'Another', 'file' => $document])->assertConflict();
        self::assertSame(1, PooledCarcassFile::query()->count());
        $pooled = $this->getJson("$this->address/own-carcasses?source=pooled")->assertOk();
        self::assertSame(count($document->records), $pooled->json('records'));
        self::assertSame([['id' => $id, 'title' => 'Weir Lane College', 'records' => count($document->records)]], $pooled->json('files'));
        $both = $this->getJson("$this->address/own-carcasses?source=both")->assertOk();
        self::assertGreaterThan($pooled->json('records'), $both->json('records'));
        $document->carcass = 'duck';
        $this->putJson("$this->address/pooled/".Str::uuid7(), ['title' => 'X', 'file' => $document])->assertUnprocessable()->assertJsonPath('errors.0.path', 'file.carcass');
        $this->deleteJson("$this->address/pooled/$id")->assertNoContent();
        $this->deleteJson("$this->address/pooled/$id")->assertNoContent();
        self::assertSame(0, $this->getJson("$this->address/own-carcasses?source=pooled")->json('records'));
    }

    /** What is said of a student is what was released to them. */
    public function testAStudentOverACourse(): void
    {
        $student = Student::query()->where('name', 'Ania Kowal')->firstOrFail();
        $course = $this->as('marit')->getJson("/api/v1/students/$student->id/course")->assertOk();
        $tries = (array) $course->json('standards.0.tries');
        self::assertCount(DemoYear::CLASSES, $tries);
        $releases = Release::query()->whereIn('attempt_id', Attempt::query()->where('student_id', $student->id)->pluck('id'))->pluck('total', 'attempt_id')->all();
        self::assertEquals($releases, array_column($tries, 'total', 'attempt'));
        self::assertSame(3, $course->json('standards.0.compared'));
        $mean = static fn(array $of): float => array_sum(array_map(static fn(mixed $it): float => (float) data_get($it, 'scores.technique'), $of)) / 3;
        $technique = array_column((array) $course->json('standards.0.components'), null, 'title')['Technique'];
        self::assertEqualsWithDelta([$mean(array_slice($tries, 0, 3)), $mean(array_slice($tries, -3))], [$technique['first'], $technique['last']], 1e-9);
        self::assertSame(DemoYear::CLASSES, data_get($course->json(), 'standards.0.lost.0.trays'));
        $this->as('teodor')->getJson("/api/v1/students/$student->id/course")->assertForbidden();
    }

    /** Its numbers add up to those of the class sheets. */
    public function testTheReportAddsUpToTheClassSheets(): void
    {
        $report = $this->as('ilse')->getJson('/api/v1/school-report')->assertOk();
        $sheets = [];
        foreach (Assessment::query()->where('is_rehearsal', false)->whereNull('cancelled')->whereBetween('held_on', [$report->json('from'), now()->toDateString()])->get() as $class) {
            foreach ((array) $this->getJson("/api/v1/assessments/$class->id/sheet")->assertOk()->json('rows') as $row) {
                if (data_get($row, 'status') === 'final' && ! in_array('second_look_open', array_column((array) data_get($row, 'flags'), 'flag'), true)) {
                    $sheets[] = $row;
                }
            }
        }
        $bands = array_count_values(array_map(strval(...), array_column($sheets, 'band')));
        foreach ((array) $report->json('bands') as $band) {
            self::assertSame($bands[$band['name']] ?? 0, $band['count'], $band['name']);
        }
        self::assertSame(count($sheets), array_sum(array_column((array) $report->json('standards'), 'trays')));
        self::assertSame(count($sheets) - ($bands['Refer'] ?? 0), array_sum(array_column((array) $report->json('standards'), 'passed')));
        self::assertSame($this->getJson("/api/v1/ledger/term?from={$report->json('from')}&to={$report->json('to')}")->json('total'), $report->json('cost'));
        self::assertSame($this->getJson("/api/v1/agreement?from={$report->json('from')}&to={$report->json('to')}")->json('trays'), $report->json('twice'));
        self::assertStringStartsWith('%PDF', (string) $this->get('/api/v1/school-report.pdf')->assertOk()->getContent());
        self::assertStringNotContainsString('Kowal', (string) $report->getContent());
    }

    public function testIncidentsAndCorrectionsAreCounted(): void
    {
        $count = fn(): array => array_intersect_key((array) $this->as('marit')->getJson('/api/v1/school-report')->assertOk()->json(), ['incidents' => 1, 'warm' => 1, 'withdrawn' => 1]);
        $outLong = fn(): mixed => $this->as('marit')->getJson('/api/v1/school-report')->json('out_long');
        self::assertSame(0, $outLong());
        $attempt = ResultRow::query()->where('assessment_id', $this->rehearsal()->id)->where('status', 'final')->firstOrFail()->attempt_id;
        foreach ([7_200_000 => 0, 7_200_001 => 1] as $out => $tooLong) {
            ResultRow::query()->whereKey($attempt)->update(['out_ms' => $out]);
            self::assertSame($tooLong, $outLong(), "$out ms of two hours");
        }
        $before = $count();
        $attempt = $this->station(3);
        $warm = self::capture(['kind' => 'look', 'not' => [], 'core_c' => 7.2]);
        $fine = self::capture(['kind' => 'look', 'not' => [], 'core_c' => 4.1]);
        $void = self::capture(['kind' => 'void', 'target' => $warm['id'], 'reason' => 'The probe was wet.']);
        $send = fn(array ...$captures) => $this->as('marit')->postJson("/api/v1/attempts/$attempt->id/captures", ['device' => 'Larder tablet 1', 'captures' => $captures])->assertSuccessful();
        $send($warm, self::capture(['kind' => 'incident', 'what' => 'cut', 'text' => 'Thumb, plaster and glove.', 'pieces' => [], 'treatment' => 'voided']));
        self::assertSame(['incidents' => [['name' => 'cut', 'count' => 1]], 'warm' => $before['warm'] + 1, 'withdrawn' => $before['withdrawn']], $count());
        $send($void, $fine);
        self::assertSame([$before['warm'], $before['withdrawn'] + 1], [$count()['warm'], $count()['withdrawn']]);
        // Who was cut at a rehearsal was cut; what was taken back there corrects no result.
        $this->practical()->update(['is_rehearsal' => true]);
        self::assertSame([[['name' => 'cut', 'count' => 1]], $before['withdrawn']], [$count()['incidents'], $count()['withdrawn']]);
    }

    public function testResultsThatWereIssuedAgainAreCounted(): void
    {
        $reissued = fn(): mixed => $this->as('marit')->getJson('/api/v1/school-report')->assertOk()->json('reissued');
        $before = $reissued();
        $attempt = $this->station(1);
        $release = fn(array $body) => $this->postJson("/api/v1/assessments/$attempt->assessment_id/release", $body)->assertOk()->assertJson(['released' => 1]);
        $release(['attempts' => [$attempt->id]]);
        self::assertSame($before, $reissued());
        $this->postJson("/api/v1/attempts/$attempt->id/captures", ['device' => 'Larder tablet 1', 'captures' => [self::capture(['kind' => 'fault', 'fault' => 'bone-chip'])]])->assertOk();
        $release(['attempts' => [$attempt->id], 'reason' => 'A chip was found']);
        self::assertSame($before + 1, $reissued());
    }

    /** The term under another policy is what the core makes of each package with it. */
    public function testATermUnderAnotherPolicy(): void
    {
        $policy = $this->as('ilse')->getJson('/api/v1/policy/document')->assertOk()->json();
        self::assertIsArray($policy);
        $same = $this->postJson('/api/v1/policy/try-term', $policy)->assertOk();
        // Those that were marked by two are held by a policy of their own.
        $ofTheHouse = static fn(mixed $it): bool => str_starts_with((string) data_get($it, 'title'), 'Eight pieces');
        self::assertSame([], array_merge([], ...array_column(array_filter((array) $same->json('classes'), $ofTheHouse), 'bands')));
        self::assertSame([0], array_values(array_unique(array_column(array_filter((array) $same->json('classes'), $ofTheHouse), 'totals'))));
        self::assertIsFloat($same->json('icc_before'));
        self::assertEqualsWithDelta($same->json('icc_before'), $same->json('icc_after'), 1e-9);
        foreach ($policy['bands'] as $index => $band) {
            $policy['bands'][$index]['min'] = $band['min'] > 0 ? $band['min'] + 5 : 0;
        }
        // The latest first, whichever was set down last.
        [$days, $order] = [array_column((array) $same->json('classes'), 'held_on'), array_column((array) $same->json('classes'), 'assessment')];
        [$latest, $earliest] = [0, count($days) - 1];
        Assessment::query()->whereKey($order[$latest])->update(['held_on' => $days[$earliest]]);
        Assessment::query()->whereKey($order[$earliest])->update(['held_on' => $days[$latest]]);
        $stricter = $this->postJson('/api/v1/policy/try-term', $policy)->assertOk();
        self::assertSame([$order[$earliest], $order[$latest]], [$stricter->json("classes.$latest.assessment"), $stricter->json("classes.$earliest.assessment")]);
        $moved = array_merge([], ...array_column(array_filter((array) $stricter->json('classes'), $ofTheHouse), 'bands'));
        self::assertNotSame([], $moved);
        foreach ($moved as $it) {
            self::assertSame($it['total'], $it['new_total'], 'only the limits moved');
        }
        $lowest = array_values(array_filter((array) $stricter->json('bands'), static fn(mixed $it): bool => data_get($it, 'band') === 'Refer'))[0];
        self::assertGreaterThan($lowest['before'], $lowest['after']);
        self::assertSame($stricter->json('results'), array_sum(array_column((array) $stricter->json('bands'), 'after')));
        unset($policy['bands']);
        $this->postJson('/api/v1/policy/try-term', $policy)->assertUnprocessable();
    }

    protected function migrateDatabases(): void
    {
        parent::migrateDatabases();
        $this->seed(DemoYear::class);
    }

    private static function latest(): PublishedStandard
    {
        return PublishedStandard::latestOf(self::KEY) ?? throw new \LogicException('it ships');
    }

    /** @return list<string> by the standard, that were held */
    private static function classes(): array
    {
        return array_values(Assessment::query()->with('held.standard')->whereNull('cancelled')->where('is_rehearsal', false)->get()->filter(static fn(Assessment $it): bool => $it->held->standard->key === self::KEY)->pluck('id')->all());
    }
}
