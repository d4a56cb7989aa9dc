<?php

declare(strict_types=1);

namespace App\Brief;

use App\Models\PublishedStandard;
use App\Models\Student;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Planning\Hour;
use DeftBlade\Core\Planning\PanPlace;
use DeftBlade\Core\Planning\Stock;
use DeftBlade\Core\Planning\StockKitchen;
use DeftBlade\Core\Planning\Turn;
use DeftBlade\Core\Planning\WeighIn;
use DeftBlade\Core\Planning\Work;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Support\Collection;

/** Works out what follows from a brief. */
final readonly class PlanBrief
{
    /** For a standard without a time of its own. */
    private const SOME_STANDARD_S = 1_200.0;

    private const SOME_LIMIT_S = 1_800.0;

    public function __construct(private School $school, private ShippedDocuments $shipped) {}

    /** @param string $id of the brief */
    public function plan(BriefDocument $brief, string $id): BriefPlan
    {
        $startsAt = $brief->day === null ? null : CarbonImmutable::parse("{$brief->day} ".($brief->start ?? '00:00'), $this->school->settings->timeZone)->utc();
        $students = Student::query()->with('group', 'accommodations')->findMany(array_merge([], ...array_map(static fn(BriefList $it): array => $it->students, $brief->lists)))->keyBy('id');
        $published = PublishedStandard::query()->findMany(array_filter(array_map(static fn(BriefList $it): ?string => $it->standard, $brief->lists)))->keyBy('id');
        $found = [];
        foreach ($brief->lists as $list) {
            $standard = $list->standard === null ? null : $published->get($list->standard);
            $found[] = [$list, $standard, $standard === null ? null : $this->read($standard), self::present($list, $students)];
        }
        $works = [];
        foreach ($found as [, , $standard, $there]) {
            foreach ($there as $student) {
                $works[] = self::work($standard, $student->timeFactorOn(CarbonImmutable::parse($brief->day ?? $this->school->today()->toDateString())));
            }
        }
        $hourOf = static fn(float $gapS): Hour => Hour::of($works, $brief->benches, $brief->waves, $gapS, $brief->miseS, $brief->cleanS);
        // Who is in which wave, and so who shares a pan, does not depend on the gap.
        $pans = self::pans($found, $hourOf($brief->gapS)->turns);
        $plan = static fn(float $gapS): Hour => $hourOf($gapS)->onPans(array_map(static fn(PanPlace $it): int => $it->pan, $pans));
        $hour = $plan($brief->gapS);
        $times = WeighingTimes::ofSchool();
        $lists = $this->lists($found, $hour->turns, $pans, $startsAt);

        return new BriefPlan(
            $lists,
            $hour,
            WeighIn::of($hour, $brief->scales, $times->service),
            $hour->waves() < 2 ? null : WeighIn::smallestGap($plan, $brief->scales, $times->service, $brief->waitS),
            $times,
            $startsAt === null ? null : \DateTimeImmutable::createFromInterface($startsAt),
            $this->stocks($lists),
            $this->missing($brief, $lists),
            [...$startsAt === null || $brief->start === null ? [] : RoomTaken::during($brief->room, $startsAt, $startsAt->addSeconds((int) round($hour->freeS())), $id, $this->school), ...self::warnings($brief, $lists)],
        );
    }

    private function read(PublishedStandard $published): Standard
    {
        return Standard::read(Node::of($this->school->said($this->school->held($published->document)), 'standard'));
    }

    /**
     * @param Collection<string, Student> $students by id
     *
     * @return list<Student>
     */
    private static function present(BriefList $list, Collection $students): array
    {
        return array_values(array_filter(array_map(static fn(string $id): ?Student => $students->get($id), $list->students)));
    }

    private static function work(?Standard $standard, float $factor): Work
    {
        $time = $standard?->time;

        return $time === null
            ? new Work($factor * self::SOME_STANDARD_S, $factor * self::SOME_LIMIT_S)
            : new Work($factor * $time->standardMs / 1000, $factor * $time->limitMs / 1000);
    }

    /**
     * @param list<array{BriefList, PublishedStandard|null, Standard|null, list<Student>}> $found
     * @param list<Turn>                                                                   $turns
     *
     * @return array<int, PanPlace> by student, over all lists; who has a tray of their own is not in it
     */
    private static function pans(array $found, array $turns): array
    {
        [$pans, $next, $pan] = [[], 0, 0];
        foreach ($found as [$list, , , $students]) {
            $waves = array_map(static fn(Turn $it): int => $it->wave, array_slice($turns, $next, count($students)));
            foreach ($list->perPan === 1 ? [] : PanPlace::share($waves, $list->perPan, $pan + 1) as $index => $place) {
                $pans[$next + $index] = $place;
                $pan = $place->pan;
            }
            $next += count($students);
        }

        return $pans;
    }

    /**
     * @param list<array{BriefList, PublishedStandard|null, Standard|null, list<Student>}> $found
     * @param list<Turn>                                                                   $turns
     * @param array<int, PanPlace>                                                         $pans  by student, over all lists
     *
     * @return list<PlannedList>
     */
    private function lists(array $found, array $turns, array $pans, ?\DateTimeImmutable $startsAt): array
    {
        $lists = [];
        $next = 0;
        foreach ($found as [$list, $published, $standard, $students]) {
            $usual = $standard === null ? null : $list->order->typicalMg ?? $this->shipped->typicalMassOf($standard->carcass)?->usual->mg;
            $lists[] = new PlannedList(
                $published,
                $standard,
                $standard === null ? null : $this->shipped->products()->of($standard->species),
                $students,
                $next + 1,
                array_slice($turns, $next, count($students)),
                $list->perPan === 1 ? [] : array_map(static fn(int $index): PanPlace => $pans[$next + $index], array_keys($students)),
                $standard === null || $usual === null ? null : $list->order->line($standard->key, count($students), $usual, $startsAt),
                $list->order->price !== null,
            );
            $next += count($students);
        }

        return $lists;
    }

    /**
     * @param list<PlannedList> $lists
     *
     * @return list<Stock>
     */
    private function stocks(array $lists): array
    {
        $bones = [];
        foreach ($lists as $list) {
            foreach ($list->byProducts() as $byProduct) {
                if ($byProduct->bin->id === StockKitchen::BIN && $list->product !== null) {
                    $bones[$list->product->class] = ($bones[$list->product->class] ?? 0.0) + $byProduct->massMg;
                }
            }
        }
        $kitchen = StockKitchen::read(Node::of($this->shipped->school('stock'), 'stock'), $this->school->settings->variants);

        return array_values(array_filter(array_map($kitchen->stock(...), array_keys($bones), $bones)));
    }

    /**
     * @param list<PlannedList> $lists
     *
     * @return list<Message>
     */
    private function missing(BriefDocument $brief, array $lists): array
    {
        $all = array_merge([], ...array_map(static fn(PlannedList $it): array => array_map(static fn(Student $student): string => $student->name, $it->students), $lists));
        $ids = array_merge([], ...array_map(static fn(PlannedList $it): array => array_map(static fn(Student $student): string => $student->id, $it->students), $lists));
        $twice = array_values(array_unique(array_diff_key($all, array_unique($ids))));

        return [
            ...trim($brief->title) === '' ? [Message::of(MessageCode::BriefNoTitle)] : [],
            ...$lists === [] || array_filter($lists, static fn(PlannedList $it): bool => $it->standard === null) !== [] ? [Message::of(MessageCode::BriefNoStandard)] : [],
            ...$lists === [] || array_filter($lists, static fn(PlannedList $it): bool => $it->students === []) !== [] ? [Message::of(MessageCode::BriefNobody)] : [],
            ...array_map(static fn(string $it): Message => Message::of(MessageCode::BriefTwice, ['person' => $it]), $twice),
            ...$brief->day === null || $brief->start === null ? [Message::of(MessageCode::BriefNoDay)] : [],
            ...$brief->day !== null && $brief->day < $this->school->today()->toDateString() ? [Message::of(MessageCode::BriefPast)] : [],
            ...trim($brief->room) === '' ? [Message::of(MessageCode::BriefNoRoom)] : [],
            ...self::kin($brief, $lists),
        ];
    }

    /**
     * @param list<PlannedList> $lists
     *
     * @return list<Message> assessors at stations of students they are not to assess
     */
    private static function kin(BriefDocument $brief, array $lists): array
    {
        $names = User::query()->findMany(array_map(static fn(BriefAssessor $it): string => $it->person, $brief->assessors))->pluck('name', 'id');
        $found = [];
        foreach ($lists as $list) {
            foreach ($list->students as $index => $student) {
                foreach ($brief->assessors as $assessor) {
                    $isBarred = array_filter($brief->notBy, static fn(NotBy $it): bool => $it->person === $assessor->person && $it->student === $student->id) !== [];
                    if ($isBarred && in_array($list->first + $index, $assessor->stations, true)) {
                        $name = $names->get($assessor->person);
                        $found[] = Message::of(MessageCode::BriefKin, ['person' => is_string($name) ? $name : '', 'student' => $student->name, 'station' => $list->first + $index]);
                    }
                }
            }
        }

        return $found;
    }

    /**
     * @param list<PlannedList> $lists
     *
     * @return list<Message>
     */
    private static function warnings(BriefDocument $brief, array $lists): array
    {
        $found = [];
        $unmarked = [];
        $marked = array_merge([], ...array_map(static fn(BriefAssessor $it): array => $it->isSecond ? [] : $it->stations, $brief->assessors));
        foreach ($lists as $list) {
            foreach ($list->students as $index => $student) {
                if ($list->bars($student)) {
                    $found[] = Message::of(MessageCode::BriefBarred, ['person' => $student->name, 'product' => $list->product->title ?? '']);
                }
                if ($brief->assessors !== [] && ! in_array($list->first + $index, $marked, true)) {
                    $unmarked[$list->first + $index] = $student->name;
                }
            }
        }

        if ($unmarked !== []) {
            $found[] = Message::of(MessageCode::BriefUnmarked, ['count' => count($unmarked), 'person' => array_values($unmarked)[0], 'stations' => Stations::inWords(array_keys($unmarked))]);
        }

        return $found;
    }
}
