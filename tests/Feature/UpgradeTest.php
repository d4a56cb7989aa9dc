<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as Package;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A school that began with the first schema keeps its facts, its choices and what its students were shown. */
final class UpgradeTest extends TestCase
{
    private const FIRST = ['2026_01_01_000000_create_the_school', '2026_01_01_000001_create_assessments_and_captures', '2026_01_01_000002_create_house_settings', '2026_01_01_000003_create_the_floor'];

    private string $attempt;

    private string $instructor;

    protected function setUp(): void
    {
        parent::setUp();
        // A schema of its own beside the one the other tests use.
        config(['database.connections.upgrade' => ['search_path' => 'upgrade'] + config()->array('database.connections.pgsql')]);
        DB::statement('DROP SCHEMA IF EXISTS upgrade CASCADE');
        DB::statement('CREATE SCHEMA upgrade');
        DB::setDefaultConnection('upgrade');
        $this->artisan('migrate', ['--path' => array_map(static fn(string $it): string => "database/migrations/$it.php", self::FIRST), '--force' => true])->assertSuccessful();
        $this->schoolOfThen();
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
    }

    protected function tearDown(): void
    {
        DB::purge('upgrade');
        DB::setDefaultConnection('pgsql');
        DB::statement('DROP SCHEMA IF EXISTS upgrade CASCADE');
        DB::purge('pgsql');
        parent::tearDown();
    }

    public function testFactsTermsAndReleasesAreKept(): void
    {
        $this->artisan('results:rebuild', ['--unmade' => true])->assertSuccessful();
        $this->artisan('seal:verify')->expectsOutput('1 seals checked, 0 wrong.')->assertSuccessful();

        $attempt = Assessment::query()->sole()->attempts()->with(['captures', 'row', 'release'])->sole();
        $said = $attempt->captures->keyBy('kind');
        self::assertSame(7, $said['station']->payload->station ?? null);
        self::assertSame(1.25, $said['allowance']->payload->time_factor ?? null);
        self::assertTrue($said['resit']->payload->resit ?? null);
        self::assertSame($attempt->assessment->held->sha256, $said['standard']->payload->sha256 ?? null);
        self::assertSame($this->instructor, $said['station']->user_id);
        self::assertSame(7, $attempt->row->station);
        self::assertSame([1, 'First issue'], [$attempt->release?->version, $attempt->release?->reason]);
        self::assertSame($attempt->row->total, $attempt->release?->total);
        self::assertEquals($said['received']->at, $said['received']->said_at);
    }

    public function testWhatTheSchoolChoseIsRekeyed(): void
    {
        $document = json_decode((string) DB::table('school_settings')->value('document'), true);
        self::assertSame(['units' => 'us', 'words' => ['frame' => 'bones'], 'own' => [['book' => 'tray', 'school' => 'sheet pan']], 'variants' => ['rinse' => 'rinse-and-dry']], $document);
    }

    public function testFactsStayAppendOnly(): void
    {
        foreach (['captures', 'releases', 'release_seals', 'held_documents', 'school_settings', 'published_standards'] as $table) {
            self::assertNotNull(DB::table('information_schema.triggers')->where(['event_object_schema' => 'upgrade', 'event_object_table' => $table, 'trigger_name' => 'append_only'])->first(), $table);
        }
    }

    private function schoolOfThen(): void
    {
        $id = static fn(): string => (string) Str::uuid7();
        $this->instructor = $this->insert('users', ['id' => $id(), 'name' => 'Marit Oyelaran', 'email' => 'marit@tollgate-quay.example', 'password' => 'x', 'role' => 'instructor']);
        $group = $this->insert('student_groups', ['id' => $id(), 'name' => 'B', 'course' => 'Larder 2']);
        $student = $this->insert('students', ['id' => $id(), 'name' => 'Amina Berhane', 'student_group_id' => $group]);
        [$standard, $policy] = self::documents();
        $publishedStandard = $this->insert('published_standards', ['id' => $id(), 'key' => 'chicken-eight-piece', 'version' => 1, 'document' => json_encode($standard)]);
        $publishedPolicy = $this->insert('published_policies', ['id' => $id(), 'key' => 'house', 'version' => 1, 'document' => json_encode($policy)]);
        $assessment = $this->insert('assessments', [
            'id' => $id(), 'title' => 'Chicken eight-piece', 'room' => 'Kitchen 2', 'held_on' => '2026-03-02', 'student_group_id' => $group,
            'published_standard_id' => $publishedStandard, 'published_policy_id' => $publishedPolicy, 'document' => json_encode($standard),
        ]);
        $this->attempt = $this->insert('attempts', ['id' => $id(), 'assessment_id' => $assessment, 'student_id' => $student, 'station' => 7, 'resit' => true, 'time_factor' => 1.25]);
        $captures = [];
        $facts = [['kind' => 'received', 'mass_mg' => 1_812_000], ...array_map(static fn(\stdClass $it): array => ['kind' => 'piece', 'piece' => $it->id, 'mass_mg' => 200_000], $standard->pieces), ['kind' => 'clock', 'event' => 'stop']];
        foreach ($facts as $minute => $fact) {
            $at = sprintf('2026-03-02T10:%02d:00.000Z', $minute);
            $capture = ['id' => $id(), 'at' => $at, 'by' => $this->instructor] + $fact;
            $captures[] = (object) $capture;
            $this->insert('captures', [
                'id' => $capture['id'], 'attempt_id' => $this->attempt, 'kind' => $fact['kind'], 'at' => $at, 'payload' => json_encode(array_diff_key($fact, ['kind' => 1])),
                'user_id' => $this->instructor, 'device' => 'tablet', 'received_at' => $at,
            ]);
        }
        $package = (object) ['format' => 'deft-blade.assessment/2', 'standard' => $standard, 'policy' => $policy, 'attempts' => [(object) ['id' => $this->attempt, 'student' => 'Amina Berhane', 'resit' => true, 'time_factor' => 1.25, 'captures' => $captures]]];
        $read = Package::read(Node::of($package, 'package'));
        $result = (new ResultDocument(PackageFormat::Two, Sentences::plain($read->standard)))->attempt($read->grade()->attempts[0]);
        $text = json_encode($package, JSON_THROW_ON_ERROR);
        $this->insert('releases', [
            'id' => $id(), 'attempt_id' => $this->attempt, 'package' => $text, 'package_sha256' => hash('sha256', $text),
            'result' => json_encode($result, ResultDocument::JSON_FLAGS), 'released_by' => $this->instructor, 'released_at' => '2026-03-02T12:00:00Z',
        ]);
        $chosen = ['units' => 'us', 'words' => ['frame' => 'bones'], 'own' => [['book' => 'tray', 'house' => 'sheet pan']], 'schools' => ['rinse' => 'rinse-and-dry']];
        $this->insert('house_settings', ['id' => $id(), 'document' => json_encode($chosen), 'set_by' => $this->instructor, 'set_at' => '2026-03-01T08:00:00Z']);
    }

    /** @return array{\stdClass, \stdClass} a standard and a policy that ship */
    private static function documents(): array
    {
        $shipped = app(ShippedDocuments::class);

        return [$shipped->standard('chicken-eight-piece'), $shipped->policy('house')];
    }

    /** @param array<string, mixed> $row */
    private function insert(string $table, array $row): string
    {
        DB::table($table)->insert($row);

        return (string) $row['id'];
    }
}
