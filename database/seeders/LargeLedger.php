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

/** What the ledger is measured against: a class of twenty-four that is weighed, over as many lots of earlier terms as LARGE_LEDGER_LOTS says. Not part of the demo. */
final class LargeLedger extends Seeder
{
    private const STATIONS = 24;

    private const TITLE = 'Twenty-four trays to put away';

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
            (new MadeUpTray($standard, CarcassDraw::asPurchased($seed, $typical), new MadeUpHand(0.8, 0.9, 1500), $seed, CarbonImmutable::now()->subHours(2)))->receive()->cut()->weigh()->store($attempt, $by);
        }
        $this->rebuilding->rebuild();
    }

    /** Made where they are stored, each a fact and a row; all of them gone to service years ago, one lot an hour. */
    private function oldLots(int $count): void
    {
        $assessment = Assessment::query()->orderBy('held_on')->firstOrFail();
        $by = User::query()->where('role', Role::Instructor)->firstOrFail();
        $missing = max(0, $count - DB::table('lots')->count());
        DB::insert(<<<'SQL'
            WITH made AS (
                INSERT INTO lots (id, family_id, assessment_id, product, stage, title, is_off, species, class, made_on, use_by, mass_mg, on_hand_mg, divided_mg, moved, counted)
                SELECT id, id, ?, 'thigh', 'cuts', 'Thigh', false, 'Chicken', 'poultry', day, day + 1, 3000000, 0, 0, '{"service": 3000000}', '[]'
                FROM (SELECT gen_random_uuid() AS id, (now() - interval '60 days' - n * interval '1 hour')::date AS day FROM generate_series(1, ?) AS n) AS lots
                RETURNING id, made_on
            )
            INSERT INTO lot_facts (id, family_id, kind, at, said_at, payload, user_id, device, offset_ms, received_at)
            SELECT gen_random_uuid(), id, 'move', made_on, made_on, json_build_object('lot', id, 'to', 'service', 'mass_mg', 3000000), ?, 'bench', 0, made_on FROM made
            SQL, [$assessment->id, $missing, $by->id]);
    }
}
