<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\ResultRow;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Agreement\AssessorsApart;
use DeftBlade\Core\Agreement\LevelTwice;
use DeftBlade\Core\Agreement\TotalTwice;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Support\Collection;

/** Reads how assessors lie to each other from the rows that are kept of results. A tray counts when every second look at it is finished. */
final readonly class ReadAgreement
{
    public function __construct(private School $school) {}

    public function between(CarbonImmutable $from, CarbonImmutable $to): Agreement
    {
        $rows = ResultRow::query()->select('results.*')->join('assessments', 'assessments.id', '=', 'results.assessment_id')
            ->whereNotNull('looks')->where('second_open', '[]')->whereNull('cancelled')->whereBetween('held_on', [$from->toDateString(), $to->toDateString()])
            ->orderBy('held_on')->orderBy('attempt_id')->get();
        $classes = Assessment::query()->with('held.standard')->findMany($rows->unique('assessment_id')->pluck('assessment_id')->all())->keyBy('id');
        $standards = $this->standards($classes);
        $judged = $classes->map(static fn(Assessment $it): array => self::judged($it, $standards[$it->held->sha256]));
        $levels = $totals = $trays = [];
        foreach ($rows as $row) {
            $looks = $row->looks;
            $first = $second = [];
            foreach ($judged[$row->assessment_id] ?? [] as $key => $twice) {
                $given = self::given(data_get($looks, ['levels', $twice->criterion->id]));
                if ($given === null) {
                    continue;
                }
                $levels[] = new LevelTwice($key, ...$given);
                $first[$given['firstBy']] = $second[$given['secondBy']] = true;
            }
            [$firstTotal, $secondTotal] = [data_get($looks, 'first_total'), data_get($looks, 'second_total')];
            // A total is one person's where they gave every level of it.
            if (is_numeric($firstTotal) && is_numeric($secondTotal) && count($first) === 1 && count($second) === 1) {
                $class = $classes[$row->assessment_id] ?? throw new \LogicException('a row is of a class');
                $totals[] = new TotalTwice($row->attempt_id, (string) key($first), (float) $firstTotal, (string) key($second), (float) $secondTotal);
                $trays[$row->attempt_id] = "{$class->title}, {$class->held_on->toDateString()}, {$row->station}";
            }
        }
        $people = [];
        foreach ($levels as $it) {
            $people[$it->firstBy] = $people[$it->secondBy] = true;
        }
        $criteria = array_intersect_key(array_merge([], ...$judged->values()->all()), array_column($levels, null, 'criterion'));

        return new Agreement(new AssessorsApart($levels, $totals), $criteria, User::namesOf(array_keys($people)), $trays, $rows->count());
    }

    /** @return array<string, JudgedTwice> what may be judged in a class; two standards may have a criterion of the same id with other levels */
    private static function judged(Assessment $class, Standard $standard): array
    {
        $criteria = array_map(static fn(Criterion $it): JudgedTwice => new JudgedTwice($it, $standard->title, $class->held->published_standard_id), $standard->criteria);

        return array_combine(array_map(static fn(JudgedTwice $it): string => "{$it->criterion->id}/".count($it->criterion->levels), $criteria), $criteria);
    }

    /** @return array{firstBy: string, first: int, secondBy: string, second: int}|null null where not both judged it */
    private static function given(mixed $rounds): ?array
    {
        $said = static fn(string $round, string $key): mixed => data_get($rounds, [$round, $key]);
        [$first, $firstBy, $second, $secondBy] = [$said('first', 'level'), $said('first', 'by'), $said('second', 'level'), $said('second', 'by')];

        return is_int($first) && is_string($firstBy) && is_int($second) && is_string($secondBy) ? ['firstBy' => $firstBy, 'first' => $first, 'secondBy' => $secondBy, 'second' => $second] : null;
    }

    /**
     * @param Collection<array-key, Assessment> $classes
     *
     * @return array<string, Standard> in the words of the school, by the digest of what is held
     */
    private function standards(Collection $classes): array
    {
        return $classes->keyBy(static fn(Assessment $it): string => $it->held->sha256)
            ->map(fn(Assessment $it): Standard => Standard::read(Node::of($this->school->said($it->held->document), 'standard')))->all();
    }
}
