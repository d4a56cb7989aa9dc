<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\MakeQuiz;
use App\Actions\OwnTray;
use App\Actions\ReadPractice;
use App\Actions\RecordPractice;
use App\Models\Capture;
use App\Models\Drill;
use App\Models\Homework;
use App\Models\PracticeFact;
use App\Models\PublishedStandard;
use App\Models\ReferenceTray;
use App\Models\StudentGroup;
use App\Models\User;
use App\School\School;
use App\TryOut\CarcassDraw;
use App\TryOut\MadeUpHand;
use App\TryOut\MadeUpTray;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Quiz\HowAnswered;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Database\Seeder;
use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A fortnight of practice of every student of a group, each of their own kind: some every other day, some before the practical only, some with trays of their own. */
final class DemoPractice extends Seeder
{
    private const DEVICE = 'A phone';

    private const DAYS = 13;

    private const LAST_TRAY_DAYS_AGO = 3;

    private const HOMEWORK_DAYS_AGO = 2;

    private Randomizer $random;

    public function __construct(private readonly RecordPractice $recording, private readonly ReadPractice $reading, private readonly MakeQuiz $quizzes, private readonly ShippedDocuments $shipped) {}

    public function run(StudentGroup $group, User $by): void
    {
        $this->random = new Randomizer(new Mt19937(crc32('practice')));
        $today = School::inForce($this->shipped)->today();
        [$chicken, $lamb] = array_map(static fn(string $key): PublishedStandard => PublishedStandard::query()->where('key', $key)->firstOrFail(), ['chicken-eight-piece', 'lamb-leg-by-the-seam']);
        Homework::query()->create(['id' => Uuid::uuid7()->toString(), 'student_group_id' => $group->id, 'published_standard_id' => $lamb->id, 'kind' => Drill::Questions, 'until' => $today->addDays(2), 'note' => 'Before the practical: nobody asks then where the aitchbone lies.', 'user_id' => $by->id, 'at' => $today->subDays(self::HOMEWORK_DAYS_AGO)]);
        $this->refer($by, $chicken, $this->cut($by, $chicken, $today->subDays(self::DAYS)->addHours(10), 0.97, 1_380));
        foreach ($group->students()->with('user')->orderBy('number')->get() as $index => $student) {
            $user = $student->user ?? throw new \LogicException('every student of the demo signs in');
            foreach (range(self::DAYS, 1) as $daysAgo) {
                if (($daysAgo + $index) % (2 + $index % 4) === 1) {
                    $this->answer($user, $daysAgo > 7 ? $chicken : $lamb, $today->subDays($daysAgo)->addHours(18)->addMinutes(7 * $index), 0.55 + 0.03 * $index);
                }
            }
            foreach (array_slice([12, 8, 5], 0, [3, 0, 1, 2][$index % 4]) as $try => $daysAgo) {
                $this->cut($user, $chicken, $today->subDays(max(self::LAST_TRAY_DAYS_AGO, $daysAgo))->addHours(16), 0.6 + 0.08 * $try, (int) (2_300 * ($try + 1) ** -0.2));
            }
        }
    }

    /** @param float $known share of the questions that are answered rightly */
    private function answer(User $user, PublishedStandard $standard, CarbonImmutable $at, float $known): void
    {
        $facts = [];
        foreach ($this->quizzes->make($standard, "$user->id {$at->toDateString()}") as $index => $question) {
            $how = $this->random->getInt(0, 99) < 100 * $known ? HowAnswered::Right : HowAnswered::Missed;
            $facts[] = $this->fact($at->addSeconds(20 * $index), ['kind' => PracticeFact::ANSWER, 'question' => $question->kind->value, 'about' => $question->about, 'how' => $how->value]);
        }
        $this->recording->answers($standard, [...$facts, $this->fact($at->addMinutes(9), ['kind' => PracticeFact::FOLLOWED])], $user, self::DEVICE, 0);
    }

    private function cut(User $user, PublishedStandard $published, CarbonImmutable $at, float $skill, int $seconds): OwnTray
    {
        $standard = $this->reading->standard($published)->standard;
        $seed = "$user->name {$at->toDateString()}";
        $mass = CarcassDraw::asPurchased($seed, $this->shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown());
        $tray = new MadeUpTray($standard, $mass, new MadeUpHand($skill, $skill, $seconds), $seed, $at);

        return $this->recording->onTray($published, Uuid::uuid7($at)->toString(), $tray->receive()->cut()->weigh()->inspect()->captures(), $user, self::DEVICE, 0);
    }

    /** The tray of whoever teaches, cut along the card: some steps take longer than others. */
    private function refer(User $by, PublishedStandard $published, OwnTray $tray): void
    {
        $turns = array_values(array_filter($tray->facts, static fn(PracticeFact $it): bool => $it->kind === CaptureKind::Clock->value));
        [$from, $until] = array_map(static fn(PracticeFact $it): CarbonImmutable => CarbonImmutable::instance($it->at), [$turns[0], $turns[count($turns) - 1]]);
        $shares = array_map(fn(): int => $this->random->getInt(6, 18), $this->reading->standard($published)->card());
        $facts = [];
        foreach (array_keys($shares) as $step) {
            $at = $from->addMilliseconds((int) ($from->diffInMilliseconds($until) * array_sum(array_slice($shares, 0, $step + 1)) / array_sum($shares)));
            $facts[] = (object) ['id' => Uuid::uuid7($at)->toString(), 'at' => $at->utc()->format(Capture::AT_FORMAT), 'kind' => PracticeFact::STEP, 'step' => $step];
        }
        $this->recording->onTray($published, $tray->id, $facts, $by, self::DEVICE, 0);
        ReferenceTray::query()->create(['standard_key' => $published->key, 'tray' => $tray->id, 'user_id' => $by->id, 'at' => $until]);
    }

    /** @param array<string, string> $of */
    private function fact(CarbonImmutable $at, array $of): \stdClass
    {
        return (object) (['id' => Uuid::uuid7($at)->toString(), 'at' => $at->format(Capture::AT_FORMAT)] + $of);
    }
}
