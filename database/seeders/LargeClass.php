<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\RebuildResults;
use App\Actions\SetUpPractical;
use App\Models\Assessment;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\Role;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\TryOut\CarcassDraw;
use App\TryOut\MadeUpHand;
use App\TryOut\MadeUpTray;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/**
 * What the benchmarks run against: twenty classes of twenty-four that are on today, every tray received, cut, weighed and judged, over a table with as many
 * captures of older classes as LARGE_CLASS_CAPTURES says, marked alike. Not part of the demo.
 */
final class LargeClass extends Seeder
{
    private const STATIONS = 24;

    private const CLASSES = 20;

    private const TODAY = 'Class of today ';

    private const OLD = 'Class of old, ';

    public function __construct(private readonly SetUpPractical $setting, private readonly RebuildResults $rebuilding, private readonly ShippedDocuments $shipped) {}

    public function run(): void
    {
        $by = User::query()->where('role', Role::Instructor)->firstOrFail();
        $first = Assessment::query()->where('title', self::TODAY.'1')->first() ?? $this->markedClass($by);
        if (Assessment::query()->where('title', self::TODAY.'2')->doesntExist()) {
            $this->copies($first, self::TODAY, 2, self::CLASSES, 0);
        }
        $asked = (int) getenv('LARGE_CLASS_CAPTURES');
        $ofOne = DB::table('captures')->whereIn('attempt_id', $first->attempts()->select('attempts.id'))->count();
        $old = DB::table('assessments')->where('title', 'like', self::OLD.'%')->count();
        $classes = (int) ceil(max(0, $asked - DB::table('captures')->count()) / $ofOne);
        if ($classes > 0) {
            $this->copies($first, self::OLD, $old + 1, $old + $classes, 30);
        }
        DB::statement('VACUUM ANALYZE');
    }

    private function markedClass(User $by): Assessment
    {
        $group = StudentGroup::query()->firstOrCreate(['name' => 'Curlew', 'course' => 'Larder 2']);
        foreach (range(1, self::STATIONS) as $station) {
            Student::query()->firstOrCreate(['name' => "Student $station", 'student_group_id' => $group->id]);
        }
        $published = PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail();
        $class = $this->setting->setUp(self::TODAY.'1', 'Great kitchen', CarbonImmutable::today(), $group, $published, PublishedPolicy::inForce(), $group->students()->get(), $by);
        $standard = Standard::read(Node::of($class->held->document, 'standard'));
        $typical = $this->shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown();
        foreach ($class->attempts as $attempt) {
            $seed = CarcassDraw::seedOf($attempt);
            (new MadeUpTray($standard, CarcassDraw::asPurchased($seed, $typical), new MadeUpHand(0.8, 0.9, 1500), $seed, CarbonImmutable::now()->subHours(2)))->receive()->cut()->weigh()->inspect()->store($attempt, $by);
        }
        $this->rebuilding->rebuild();

        return $class;
    }

    /** The class again and again, with its captures and results, made where they are stored: a million would take long on the way. */
    private function copies(Assessment $like, string $title, int $from, int $to, int $daysAgo): void
    {
        $copies = "$title%";
        DB::insert(<<<'SQL'
            INSERT INTO assessments SELECT copy.* FROM assessments AS like_it, generate_series(?::integer, ?::integer) AS n,
                jsonb_populate_record(NULL::assessments, to_jsonb(like_it) || jsonb_build_object('id', gen_random_uuid(), 'title', ?::text || n, 'held_on', CASE WHEN ?::integer = 0 THEN current_date ELSE current_date - ?::integer - n / 4 END)) AS copy
            WHERE like_it.id = ?
            SQL, [$from, $to, $title, $daysAgo, $daysAgo, $like->id]);
        $isNew = 'copy_of.title LIKE ? AND copy_of.id <> ? AND NOT EXISTS (SELECT 1 FROM held_documents WHERE assessment_id = copy_of.id)';
        DB::insert("INSERT INTO attempts SELECT copy.* FROM attempts AS tray, assessments AS copy_of, jsonb_populate_record(NULL::attempts, to_jsonb(tray) || jsonb_build_object('id', gen_random_uuid(), 'assessment_id', copy_of.id)) AS copy WHERE tray.assessment_id = ? AND $isNew", [$like->id, $copies, $like->id]);
        $trays = 'attempts AS tray JOIN assessments AS copy_of ON copy_of.id = tray.assessment_id JOIN attempts AS first ON first.student_id = tray.student_id AND first.assessment_id = ?';
        DB::insert(<<<SQL
            INSERT INTO captures (id, attempt_id, kind, at, said_at, payload, user_id, device, offset_ms, received_at)
            SELECT gen_random_uuid(), tray.id, kind, fact.at, said_at, payload, user_id, device, offset_ms, fact.received_at
            FROM $trays JOIN captures AS fact ON fact.attempt_id = first.id WHERE $isNew ORDER BY copy_of.title, fact.seq
            SQL, [$like->id, $copies, $like->id]);
        DB::insert(<<<SQL
            INSERT INTO results SELECT copy.* FROM $trays JOIN results AS row ON row.attempt_id = first.id,
                jsonb_populate_record(NULL::results, to_jsonb(row) || jsonb_build_object('attempt_id', tray.id, 'assessment_id', tray.assessment_id)) AS copy
            WHERE $isNew
            SQL, [$like->id, $copies, $like->id]);
        DB::insert(<<<SQL
            INSERT INTO held_documents (id, assessment_id, published_standard_id, published_policy_id, document, sha256, reason, set_by, set_at)
            SELECT gen_random_uuid(), copy_of.id, published_standard_id, published_policy_id, document, sha256, reason, set_by, set_at FROM held_documents AS held, assessments AS copy_of WHERE held.assessment_id = ? AND $isNew
            SQL, [$like->id, $copies, $like->id]);
    }
}
