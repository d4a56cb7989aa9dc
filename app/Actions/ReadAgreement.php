<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Agreement\AssessorsApart;
use DeftBlade\Core\Agreement\LevelTwice;
use DeftBlade\Core\Agreement\TotalTwice;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Support\Collection;

/** Reads how assessors lie to each other from the rows that are kept of results. A tray counts when every second look at it is finished. */
final readonly class ReadAgreement
{
    public function __construct(private School $school) {}

    public function between(CarbonImmutable $from, CarbonImmutable $to): Agreement
    {
        $attempts = Attempt::query()->with('assessment.held.standard')
            ->whereHas('row', static fn($row) => $row->whereNotNull('looks')->where('second_open', '[]'))
            ->whereHas('assessment', static fn($class) => $class->whereNull('cancelled')->whereBetween('held_on', [$from->toDateString(), $to->toDateString()]))
            ->get()->sortBy(static fn(Attempt $it): string => $it->assessment->held_on->toDateString().$it->id);
        $standards = $this->standards($attempts->map(static fn(Attempt $it): Assessment => $it->assessment)->values());
        $criteria = $levels = $totals = $trays = [];
        foreach ($attempts as $attempt) {
            $held = $attempt->assessment->held;
            $standard = $standards[$held->sha256];
            $people = ['first' => [], 'second' => []];
            foreach ($standard->criteria as $criterion) {
                $given = self::given($attempt, $criterion->id);
                if ($given === null) {
                    continue;
                }
                // Two standards may have a criterion of the same id with other levels.
                $key = "{$criterion->id}/".count($criterion->levels);
                $criteria[$key] = new JudgedTwice($criterion, $standard->title, $held->published_standard_id);
                $levels[] = new LevelTwice($key, ...$given);
                $people['first'][$given['firstBy']] = $people['second'][$given['secondBy']] = true;
            }
            [$first, $second] = [data_get($attempt->row->looks, 'first_total'), data_get($attempt->row->looks, 'second_total')];
            // A total is one person's where they gave every level of it.
            if (is_numeric($first) && is_numeric($second) && count($people['first']) === 1 && count($people['second']) === 1) {
                $totals[] = new TotalTwice($attempt->id, (string) key($people['first']), (float) $first, (string) key($people['second']), (float) $second);
                $trays[$attempt->id] = "{$attempt->assessment->title}, {$attempt->assessment->held_on->toDateString()}, {$attempt->station}";
            }
        }
        $apart = new AssessorsApart($levels, $totals);
        $people = array_unique(array_merge([], ...array_map(static fn(LevelTwice $it): array => [$it->firstBy, $it->secondBy], $levels)));

        return new Agreement($apart, $criteria, User::query()->findMany($people)->mapWithKeys(static fn(User $it): array => [$it->id => $it->name])->all(), $trays, $attempts->count());
    }

    /** @return array{firstBy: string, first: int, secondBy: string, second: int}|null null where not both judged it */
    private static function given(Attempt $attempt, string $criterion): ?array
    {
        $said = static fn(string $round, string $key): mixed => data_get($attempt->row->looks, ['levels', $criterion, $round, $key]);
        [$first, $firstBy, $second, $secondBy] = [$said('first', 'level'), $said('first', 'by'), $said('second', 'level'), $said('second', 'by')];

        return is_int($first) && is_string($firstBy) && is_int($second) && is_string($secondBy) ? ['firstBy' => $firstBy, 'first' => $first, 'secondBy' => $secondBy, 'second' => $second] : null;
    }

    /**
     * @param Collection<int, Assessment> $assessments
     *
     * @return array<string, Standard> in the words of the school, by the digest of what is held
     */
    private function standards(Collection $assessments): array
    {
        return $assessments->keyBy(static fn(Assessment $it): string => $it->held->sha256)
            ->map(fn(Assessment $it): Standard => Standard::read(Node::of($this->school->said($it->held->document), 'standard')))->all();
    }
}
