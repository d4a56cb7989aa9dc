<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AddCaptures;
use App\Actions\KeepDayNote;
use App\Actions\RebuildResults;
use App\Actions\ReleaseResults;
use App\Actions\SetUpPractical;
use App\Models\Assessment;
use App\Models\Delivery;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\School\School;
use App\TryOut\CarcassDraw;
use App\TryOut\MadeUpHand;
use App\TryOut\MadeUpTray;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A year of classes by one standard, of a group that is through with its course: from a fixed seed, with one class whose knives were blunt, and birds of another
 * supplier, with more frame and less breast, from the middle of it on.
 */
final class DemoYear extends Seeder
{
    public const CLASSES = 26;

    public const OTHER_SUPPLIER = 14;

    public const BLUNT = 6;

    /** Share of the mass of a breast that is frame in the birds of the other supplier. */
    private const MORE_FRAME = 0.09;

    /** Before the change, and from it on. */
    public const SUPPLIERS = ['Saltmarsh Provisions', 'Weir Farm Poultry'];

    /** Everybody has all its points. */
    public const EASY = 'station';

    /** Two criteria that say the same. */
    public const TWINS = ['hands', 'board'];

    /** It goes with nothing else. */
    public const APART = 'by-products';

    private const STRICTER_IN = ['hip-oyster', 'breast-lift', 'bone-free', 'skin-cover'];

    /** The stations that start at once; the others ten minutes after them. */
    private const FIRST_WAVE = 4;

    private const STANDARD = 'chicken-eight-piece';

    private const STUDENTS = ['Ania Kowal', 'Bram Visser', 'Chidi Eze', 'Dara Novak', 'Eun-ji Seo', 'Farid Haddad', 'Greta Lund', 'Hamza Bello'];

    private Randomizer $random;

    public function __construct(
        private readonly ShippedDocuments $shipped,
        private readonly SetUpPractical $setting,
        private readonly AddCaptures $adding,
        private readonly RebuildResults $rebuilding,
        private readonly ReleaseResults $releasing,
        private readonly KeepDayNote $noting,
    ) {}

    public function run(): void
    {
        $this->random = new Randomizer(new Mt19937(crc32('year')));
        $instructor = User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail();
        $second = User::query()->where('email', 'teodor@tollgate-quay.example')->firstOrFail();
        $published = PublishedStandard::query()->where('key', self::STANDARD)->firstOrFail();
        $group = StudentGroup::query()->create(['name' => 'Curlew', 'course' => 'Larder 1']);
        $students = array_map(static fn(string $name): Student => Student::query()->create(['name' => $name, 'student_group_id' => $group->id]), self::STUDENTS);
        $today = School::inForce($this->shipped)->today();
        $classes = [];
        // A benchmark asks for more of them.
        $count = (int) (getenv('DEMO_YEAR_CLASSES') ?: self::CLASSES);
        foreach (range(0, $count - 1) as $number) {
            $day = $today->subWeeks(2 * ($count - $number))->startOfWeek()->addDays(2);
            $class = $this->setting->setUp('Eight pieces, class '.($number + 1), 'Larder kitchen', $day, $group, $published, PublishedPolicy::inForce(), $students, $instructor, $day->addHours(7));
            $this->fill($class, $number, $instructor, $second);
            $classes[] = $class;
            if ($number === self::OTHER_SUPPLIER) {
                $this->noting->keep((string) Str::uuid7(), $day->subDays(3)->toDateString(), 'Birds from another supplier', $instructor);
            }
        }
        $this->rebuilding->rebuild();
        foreach ($classes as $class) {
            $this->releasing->release($class, $instructor);
        }
    }

    private function fill(Assessment $class, int $number, User $by, User $second): void
    {
        $standard = Standard::read(Node::of($class->held->document, 'standard'));
        $typical = $this->shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown();
        $seconds = (int) (($standard->time->standardMs ?? 1_500_000) / 1000);
        foreach ($class->attempts as $attempt) {
            $seed = "year $number $attempt->station";
            $skill = 0.55 + 0.05 * (($attempt->station * 3 + $number) % 7);
            $slow = $number === self::BLUNT ? 1.5 : 1.0;
            $hand = new MadeUpHand($skill, $number === self::BLUNT ? 0.2 : 0.7, (int) ($slow * $seconds * $this->random->getInt(90, 125) / 100), $number === self::BLUNT ? ['sawing'] : []);
            $tray = new MadeUpTray($standard, CarcassDraw::asPurchased($seed, $typical), $hand, $seed, $class->held_on->addHours(9));
            $captures = $this->marked($tray->receive()->cut()->weigh()->inspect()->captures(), $this->isMarkedBySecond($attempt->station, $number));
            $captures = $number < self::OTHER_SUPPLIER ? $captures : self::ofTheOtherSupplier($captures);
            $isLevel = static fn(\stdClass $it): bool => $it->kind === 'level';
            $scale = 'Larder tablet '.(1 + intdiv($attempt->station + $number, 3) % 2);
            $this->adding->add($attempt, array_values(array_filter($captures, static fn(\stdClass $it): bool => ! $isLevel($it))), $by, $scale);
            $this->adding->add($attempt, array_values(array_filter($captures, $isLevel)), $this->isMarkedBySecond($attempt->station, $number) ? $second : $by, 'Larder tablet 1');
        }
        $class->update(['waves' => ['by_station' => (object) array_column(array_map(static fn($it): array => [$it->station, $it->station <= self::FIRST_WAVE ? 1 : 2], $class->attempts->all()), 1, 0), 'gap_ms' => 600_000]]);
        $isOther = $number >= self::OTHER_SUPPLIER;
        Delivery::query()->create(['id' => (string) Str::uuid7(), 'assessment_id' => $class->id, 'supplier' => $isOther ? self::SUPPLIERS[1] : self::SUPPLIERS[0], 'invoice' => "Y-$number", 'pieces' => count(self::STUDENTS), 'mass_mg' => 1_000_000 * 2 * count(self::STUDENTS), 'cost_minor' => ($isOther ? 470 : 520) * 2 * count(self::STUDENTS), 'user_id' => $by->id, 'at' => $class->held_on->addHours(6)]);
    }

    private function isMarkedBySecond(int $station, int $number): bool
    {
        return ($station + 3 * $number) % 4 === 0;
    }

    /**
     * The levels of a tray with the stories of this year in them: one criterion that everybody meets, two that say the same, one that goes with nothing, and a second
     * assessor who gives a step less in some.
     *
     * @param list<\stdClass> $captures
     *
     * @return list<\stdClass>
     */
    private function marked(array $captures, bool $isBySecond): array
    {
        $levels = [];
        foreach ($captures as $it) {
            if ($it->kind === 'level' && is_string($it->criterion)) {
                $levels[$it->criterion] = $it;
            }
        }
        $levels[self::EASY]->level = 3;
        $levels[self::TWINS[1]]->level = $levels[self::TWINS[0]]->level;
        $levels[self::APART]->level = $this->random->getInt(0, 3);
        foreach ($isBySecond ? self::STRICTER_IN : [] as $criterion) {
            $levels[$criterion]->level = is_int($levels[$criterion]->level) ? max(0, $levels[$criterion]->level - 1) : 0;
        }

        return $captures;
    }

    /**
     * @param list<\stdClass> $captures
     *
     * @return list<\stdClass> less in the breasts, and as much more in the frame
     */
    private static function ofTheOtherSupplier(array $captures): array
    {
        $moved = 0;
        foreach ($captures as $it) {
            if ($it->kind === 'piece' && is_string($it->piece) && str_starts_with($it->piece, 'breast') && is_int($it->mass_mg)) {
                $less = (int) round($it->mass_mg * self::MORE_FRAME / 1000) * 1000;
                $it->mass_mg -= $less;
                $moved += $less;
            }
        }
        foreach ($captures as $it) {
            if ($it->kind === 'bin' && $moved > 0 && is_int($it->mass_mg)) {
                $it->mass_mg += $moved;
                $moved = 0;
            }
        }

        return $captures;
    }
}
