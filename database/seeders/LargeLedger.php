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

/** What the ledger is measured against: a class of twenty-four that is weighed, a term of sixty such classes, and as many lots as LARGE_LEDGER_LOTS says, most of earlier terms. Not part of the demo. */
final class LargeLedger extends Seeder
{
    private const STATIONS = 24;

    private const TITLE = 'Twenty-four trays to put away';

    private const OF_TERM = 'Class of the term ';

    private const OLD = 'Class of old, ';

    private const CLASSES = 60;

    /** Older than the term that is asked for. */
    private const DAYS_OLD = 150;

    public function __construct(private readonly SetUpPractical $setting, private readonly RebuildResults $rebuilding, private readonly ShippedDocuments $shipped) {}

    public function run(): void
    {
        if (Assessment::query()->where('title', self::TITLE)->doesntExist()) {
            $this->weighedClass();
        }
        $this->oldLots((int) getenv('LARGE_LEDGER_LOTS'));
        DB::statement('ANALYZE');
    }

    private function weighedClass(): void
    {
        $group = StudentGroup::query()->firstOrCreate(['name' => 'Godwit', 'course' => 'Larder 2']);
        foreach (range(1, self::STATIONS) as $number) {
            Student::query()->firstOrCreate(['name' => "Student $number", 'student_group_id' => $group->id]);
        }
        $by = User::query()->where('role', Role::Instructor)->firstOrFail();
        $published = PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail();
        $practical = $this->setting->setUp(self::TITLE, 'Great kitchen', CarbonImmutable::today(), $group, $published, PublishedPolicy::inForce(), $group->students()->get(), $by);
        $standard = Standard::read(Node::of($practical->held->document, 'standard'));
        $typical = $this->shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown();
        foreach ($practical->attempts as $attempt) {
            $seed = CarcassDraw::seedOf($attempt);
            (new MadeUpTray($standard, CarcassDraw::asPurchased($seed, $typical), new MadeUpHand(0.8, 0.9, 1500), $seed, CarbonImmutable::now()->subHours(2)))->receive()->cut()->weigh()->inspect()->store($attempt, $by);
        }
        $this->rebuilding->rebuild();
        $this->lookAgain($practical, $by);
        $this->term($practical, $by);
    }

    /** Every criterion of every tray as a second assessor might have seen it: one step lower now and then. */
    private function lookAgain(Assessment $practical, User $by): void
    {
        $second = User::query()->where('role', Role::Assessor)->firstOrFail();
        DB::update(<<<'SQL'
            UPDATE results SET second_finished = jsonb_build_array(?::text), looks = jsonb_build_object('first_total', total, 'second_total', total - station % 3, 'levels', (
                SELECT jsonb_object_agg(payload ->> 'criterion', jsonb_build_object(
                    'first', jsonb_build_object('level', (payload ->> 'level')::integer, 'by', ?::text),
                    'second', jsonb_build_object('level', greatest(0, (payload ->> 'level')::integer - (hashtext(captures.id::text) % 5 = 0)::integer), 'by', ?::text),
                    'agreed', NULL))
                FROM captures WHERE captures.attempt_id = results.attempt_id AND kind = 'level'))
            WHERE assessment_id = ?
            SQL, [$second->id, $by->id, $second->id, $practical->id]);
    }

    /** The class once more on every second day of a term, with its results, its delivery and two lots, made where they are stored. */
    private function term(Assessment $like, User $by): void
    {
        DB::insert(<<<'SQL'
            INSERT INTO assessments SELECT copy.* FROM assessments AS like_it, generate_series(1, ?) AS n,
                jsonb_populate_record(NULL::assessments, to_jsonb(like_it) || jsonb_build_object('id', gen_random_uuid(), 'title', ?::text || n, 'held_on', current_date - 2 * n)) AS copy
            WHERE like_it.id = ?
            SQL, [self::CLASSES, self::OF_TERM, $like->id]);
        $ofTerm = 'copy_of.title LIKE ?';
        $title = self::OF_TERM.'%';
        DB::insert("INSERT INTO attempts SELECT copy.* FROM attempts AS tray, assessments AS copy_of, jsonb_populate_record(NULL::attempts, to_jsonb(tray) || jsonb_build_object('id', gen_random_uuid(), 'assessment_id', copy_of.id)) AS copy WHERE tray.assessment_id = ? AND $ofTerm", [$like->id, $title]);
        DB::insert(<<<SQL
            INSERT INTO results SELECT copy.* FROM attempts AS tray JOIN assessments AS copy_of ON copy_of.id = tray.assessment_id JOIN attempts AS first ON first.student_id = tray.student_id AND first.assessment_id = ?
                JOIN results AS row ON row.attempt_id = first.id, jsonb_populate_record(NULL::results, to_jsonb(row) || jsonb_build_object('attempt_id', tray.id, 'assessment_id', tray.assessment_id)) AS copy
            WHERE $ofTerm
            SQL, [$like->id, $title]);
        DB::insert(<<<SQL
            INSERT INTO held_documents (id, assessment_id, published_standard_id, published_policy_id, document, sha256, reason, set_by, set_at)
            SELECT gen_random_uuid(), copy_of.id, published_standard_id, published_policy_id, document, sha256, reason, set_by, set_at FROM held_documents, assessments AS copy_of WHERE assessment_id = ? AND $ofTerm
            SQL, [$like->id, $title]);
        DB::insert("INSERT INTO deliveries (id, assessment_id, supplier, invoice, pieces, mass_mg, cost_minor, user_id, at) SELECT gen_random_uuid(), copy_of.id, 'Saltmarsh Provisions', 'SP', 24, 45000000, 23400, ?, now() FROM assessments AS copy_of WHERE $ofTerm", [$by->id, $title]);
        $this->lots('assessments AS copy_of CROSS JOIN generate_series(1, 2) WHERE copy_of.title LIKE ?', [$title], $by);
    }

    /** Made where they are stored, each a fact and a row; all of them gone to service before this term, twenty-four a day. */
    private function oldLots(int $count): void
    {
        $like = Assessment::query()->where('title', self::TITLE)->firstOrFail();
        $missing = max(0, $count - DB::table('lots')->count());
        $days = intdiv($missing + self::STATIONS - 1, self::STATIONS);
        DB::insert(<<<'SQL'
            INSERT INTO assessments SELECT copy.* FROM assessments AS like_it, generate_series(1, ?) AS n,
                jsonb_populate_record(NULL::assessments, to_jsonb(like_it) || jsonb_build_object('id', gen_random_uuid(), 'title', ?::text || n, 'held_on', current_date - ?::integer - n)) AS copy
            WHERE like_it.id = ?
            SQL, [$days, $title = self::OLD."$count ", self::DAYS_OLD, $like->id]);
        $this->lots('assessments AS copy_of CROSS JOIN generate_series(1, ?) WHERE copy_of.title LIKE ?', [self::STATIONS, "$title%"], User::query()->where('role', Role::Instructor)->firstOrFail());
    }

    /**
     * @param string           $of       rows of `copy_of`, the practical of each lot
     * @param list<int|string> $bindings
     */
    private function lots(string $of, array $bindings, User $by): void
    {
        DB::insert(<<<SQL
            WITH made AS (
                INSERT INTO lots (id, family_id, assessment_id, product, stage, title, is_off, species, class, made_on, use_by, mass_mg, on_hand_mg, divided_mg, moved, counted)
                SELECT lot, lot, practical, 'thigh', 'cuts', 'Thigh', false, 'Chicken', 'poultry', held_on, held_on + 1, 3000000, 0, 0, '{"service": 3000000}', '[]'
                FROM (SELECT gen_random_uuid() AS lot, copy_of.id AS practical, copy_of.held_on FROM $of) AS lots
                RETURNING id, made_on
            )
            INSERT INTO lot_facts (id, family_id, kind, at, said_at, payload, user_id, device, offset_ms, received_at)
            SELECT gen_random_uuid(), id, 'move', made_on, made_on, json_build_object('lot', id, 'to', 'service', 'mass_mg', 3000000), ?, 'bench', 0, made_on FROM made
            SQL, [...$bindings, $by->id]);
    }
}
