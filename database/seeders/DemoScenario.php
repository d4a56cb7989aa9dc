<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\RebuildResults;
use App\Actions\ReleaseResults;
use App\Actions\SetUpPractical;
use App\Models\AccommodationKind;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\Role;
use App\Models\SchoolSetting;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\School\KeptSchool;
use App\School\School;
use App\TryOut\CarcassDraw;
use App\TryOut\MadeUpHand;
use App\TryOut\MadeUpTray;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\School\SchoolSettings;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/**
 * Larder week at the Tollgate Quay School of Cookery, all invented: the group Sandpiper trussed first and filleted sea trout last week, rehearsed the
 * eight-piece two days ago and cut the skewer set yesterday (all released, two students absent from most), is at its chicken practical now, and has
 * the leg of lamb the day after tomorrow. Weights are drawn from the carcass shares with fixed seeds.
 */
final class DemoScenario extends Seeder
{
    public const PASSWORD = 'larder-week';

    private const STUDENTS = [
        'Amina Berhane', 'Tomasz Wilkowski', 'Rosalind Achterberg', 'Kenji Moriwaki', 'Lucía Ferreyra', 'Oluwaseun Adebanjo',
        'Marguerite-Apolline de Saint-Cyprien', 'Dagný Hólmsteinsdóttir', 'Farid Nazaryan', 'Leilani Kahananui', 'Pavel Hrubeš', 'Siobhán Mac Giolla Rua',
    ];

    private const EXTRA_TIME = ['Farid Nazaryan' => 1.25];

    /** Stations whose student was not there and does it later. */
    private const ABSENT = [11, 12];

    private User $instructor;

    public function __construct(private readonly ShippedDocuments $shipped, private readonly SetUpPractical $setting, private readonly RebuildResults $rebuilding, private readonly KeptSchool $kept) {}

    public function run(ReleaseResults $releasing): void
    {
        DB::transaction(function () use ($releasing): void {
            $this->instructor = $this->person('Marit Oyelaran', 'marit', Role::Instructor);
            $this->person('Teodor Vance', 'teodor', Role::Assessor);
            $this->person('Ilse Karimova', 'ilse', Role::Coordinator);
            $group = $this->group();
            $this->call(ShippedStandards::class);
            SchoolSetting::query()->create(['document' => (object) (['name' => 'Tollgate Quay School of Cookery', 'currency' => 'EUR', 'practice' => 'staff'] + (array) SchoolSettings::ofTheBook()->document()), 'set_by' => $this->instructor->id, 'set_at' => CarbonImmutable::now()]);
            $this->kept->forget();
            $today = School::inForce($this->shipped)->today();
            $twoLooks = $this->policyOfTwoLooks();
            $trussing = $this->practical($group, 'Truss first', $today->subDays(6), 'chicken-truss-first', $twoLooks);
            $this->fillEarlier($trussing, self::ABSENT);
            $trout = $this->practical($group, 'Sea trout fillets', $today->subDays(4), 'sea-trout-fillets-ribs-trimmed', $twoLooks);
            $this->fillEarlier($trout, self::ABSENT);
            $rehearsal = $this->practical($group, 'Chicken eight-piece, rehearsal', $today->subDays(2), 'chicken-eight-piece');
            $this->fillEarlier($rehearsal, []);
            $skewers = $this->practical($group, 'Skewer set', $today->subDay(), 'chicken-skewer-set');
            $this->fillEarlier($skewers, self::ABSENT);
            $this->fillPractical($this->practical($group, 'Chicken eight-piece', $today, 'chicken-eight-piece'));
            $this->practical($group, 'Lamb leg by the seam', $today->addDays(2), 'lamb-leg-by-the-seam');
            $rolling = $this->practical($group, 'Leg boned for rolling', $today->addDays(12), 'chicken-leg-for-rolling');
            $this->call(DemoSecondLooks::class, parameters: ['trussing' => $trussing, 'trout' => $trout]);
            $this->rebuilding->rebuild();
            foreach ([$trussing, $trout, $rehearsal, $skewers] as $earlier) {
                $releasing->release($earlier, $this->instructor);
            }
            $this->call(DemoAppeals::class, parameters: ['trout' => $trout, 'skewers' => $skewers]);
            $this->call(DemoStandardising::class, parameters: ['skewers' => $skewers]);
            $this->call(DemoWritten::class, parameters: ['rolling' => $rolling]);
            $this->call(DemoBriefs::class);
            $this->call(DemoLedger::class);
            $this->call(DemoPractice::class, parameters: ['group' => $group, 'by' => $this->instructor]);
        });
    }

    private function person(string $name, string $account, Role $role): User
    {
        return User::query()->create(['name' => $name, 'email' => "$account@tollgate-quay.example", 'password' => self::PASSWORD, 'role' => $role]);
    }

    private function group(): StudentGroup
    {
        $group = StudentGroup::query()->create(['name' => 'Sandpiper', 'course' => 'Larder 2']);
        foreach (self::STUDENTS as $index => $name) {
            $account = mb_strtolower(explode(' ', transliterator_transliterate('Any-Latin; Latin-ASCII', $name) ?: $name)[0]);
            $student = Student::query()->create([
                'number' => sprintf('TQ-%d', 2601 + $index),
                'name' => $name,
                'student_group_id' => $group->id,
                'user_id' => $this->person($name, $account, Role::Student)->id,
            ]);
            if (isset(self::EXTRA_TIME[$name])) {
                $student->accommodations()->create(['kind' => AccommodationKind::MoreTime, 'time_factor' => self::EXTRA_TIME[$name], 'from_day' => '2026-01-01', 'reason' => 'As agreed with the student', 'made_by' => $this->instructor->id, 'made_at' => CarbonImmutable::now()]);
            }
        }

        return $group;
    }

    private function practical(StudentGroup $group, string $title, CarbonImmutable $day, string $standard, ?PublishedPolicy $policy = null): Assessment
    {
        $students = $group->students()->get()->sortBy(static fn(Student $it): int|false => array_search($it->name, self::STUDENTS, true));

        return $this->setting->setUp(
            $title,
            'Larder kitchen',
            $day,
            $group,
            PublishedStandard::query()->where('key', $standard)->firstOrFail(),
            $policy ?? PublishedPolicy::inForce(),
            $students,
            $this->instructor,
            min($day->addHours(7), CarbonImmutable::now()->subHours(2)),
        );
    }

    /** The policy in force with what becomes of two looks, under a key of its own. */
    private function policyOfTwoLooks(): PublishedPolicy
    {
        $inForce = PublishedPolicy::inForce();
        $document = (object) (['key' => "{$inForce->key}-two-looks", 'title' => 'By the book, two looks', 'moderation' => (object) ['tolerance_levels' => 1, 'combine' => 'mean', 'share' => 0.1]] + (array) $inForce->document);

        return PublishedPolicy::query()->create(['key' => "{$inForce->key}-two-looks", 'version' => 1, 'document' => $document, 'published_by' => $this->instructor->id, 'published_at' => CarbonImmutable::now()]);
    }

    /** @param list<int> $absent stations */
    private function fillEarlier(Assessment $practical, array $absent): void
    {
        $standard = Standard::read(Node::of($practical->held->document, 'standard'));
        $faults = array_values(array_intersect(['sawing', 'joint-missed', 'board-not-reset', 'skin-torn', 'wrong-container', 'forcing', 'gaping-mark', 'rib-left'], array_keys($standard->faults)));
        $seconds = (int) (($standard->time->standardMs ?? 1_500_000) / 1000);
        foreach ($practical->attempts as $attempt) {
            if (in_array($attempt->station, $absent, true)) {
                continue;
            }
            $skill = 0.45 + 0.04 * (($attempt->station * 5) % 12);
            $hand = new MadeUpHand($skill, 0.5 + 0.3 * $skill, $seconds + (int) ($seconds * 0.03) * (($attempt->station * 7) % 12), array_slice($faults, $attempt->station % 4, 2));
            $this->tray($attempt, $hand, $practical->held_on->addHours(9))->receive()->cut()->weigh()->inspect()->store($attempt, $this->instructor);
        }
    }

    private function fillPractical(Assessment $practical): void
    {
        $from = CarbonImmutable::now()->subMinutes(100);
        $hands = [
            1 => new MadeUpHand(0.97, 0.97, 1405),
            2 => new MadeUpHand(0.80, 0.90, 1522, ['sawing']),
            3 => new MadeUpHand(0.70, 0.75, 1790, ['joint-missed', 'board-not-reset', 'skin-torn']),
            4 => new MadeUpHand(0.82, 0.92, 1480),
            5 => new MadeUpHand(0.74, 0.85, 1655, ['knife-hand-wet']),
            6 => new MadeUpHand(0.62, 0.70, 2010, ['bone-chip', 'forcing', 'sawing']),
            7 => new MadeUpHand(0.75, 0.80, 1610, ['skin-pulled', 'skin-pulled']),
            8 => new MadeUpHand(0.66, 0.80, 1720),
            9 => new MadeUpHand(0.70, 0.85, 1905),
        ];
        $weights = [4 => 2_060_000, 5 => 1_650_000];
        $trays = [];
        foreach ($practical->attempts as $attempt) {
            $mass = isset($weights[$attempt->station]) ? Mass::ofMilligrams($weights[$attempt->station]) : null;
            $trays[$attempt->station] = $this->tray($attempt, $hands[$attempt->station] ?? new MadeUpHand(0.7, 0.85, 1600), $from, $mass);
        }
        // Stations 4 and 5 shared a pan, and each left thigh was weighed on the other's line.
        $exchanged = [4 => ['thigh.left' => intdiv($trays[5]->massOf('thigh.left'), 1000)], 5 => ['thigh.left' => intdiv($trays[4]->massOf('thigh.left'), 1000)]];
        foreach ($trays as $station => $tray) {
            match (true) {
                $station <= 6 => $tray->receive()->cut()->weigh($exchanged[$station] ?? [])->inspect(),
                $station === 7 => $tray->receive()->cut()->weigh()->note('Asked twice where the joint lies; found it unaided after that.'),
                $station === 8 => $tray->receive('broken-wing.left')->cut()->weigh(),
                $station === 9 => $tray->receive()->cut(),
                $station <= 11 => $tray->receive(),
                default => $tray,
            };
            $tray->store($practical->attempts->firstOrFail('station', $station), $this->instructor);
        }
    }

    private function tray(Attempt $attempt, MadeUpHand $hand, CarbonImmutable $from, ?Mass $asPurchased = null): MadeUpTray
    {
        $seed = CarcassDraw::seedOf($attempt);
        $standard = Standard::read(Node::of($attempt->assessment->held->document, 'standard'));
        $typical = $this->shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown();

        return new MadeUpTray($standard, $asPurchased ?? CarcassDraw::asPurchased($seed, $typical), $hand, $seed, $from);
    }
}
