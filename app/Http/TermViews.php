<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\CostedClass;
use App\Actions\ReadCosts;
use App\Actions\ReadWeek;
use App\Actions\SummedCost;
use App\Actions\TermCosts;
use App\Http\Resources\CostSumView;
use App\Http\Resources\NamedCostView;
use App\Http\Resources\TermClassView;
use App\Http\Resources\TermDatesView;
use App\Http\Resources\TermView;
use App\Http\Resources\TermWeekView;
use App\Models\StudentGroup;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Vocabulary\Vocabulary;

/** Puts together what the practicals of some days cost. */
final readonly class TermViews
{
    public function __construct(private School $school, private ReadCosts $costs, private ReadWeek $weeks) {}

    public function of(CarbonImmutable $from, CarbonImmutable $to): TermView
    {
        $classes = $this->costs->between($from, $to);
        $costs = TermCosts::of($classes);
        $flows = $this->weeks->between($from, $to);
        $words = $this->school->vocabulary();
        $weeks = [];
        foreach ($flows as $flow) {
            $weeks[$flow->heldOn->startOfWeek()->toDateString()][] = $flow;
        }

        return new TermView(
            $from->toDateString(),
            $to->toDateString(),
            $this->school->currency()->code,
            self::terms(),
            CostSumView::of($costs->total()),
            array_map(TermClassView::of(...), $classes),
            self::named($costs->by(static fn(CostedClass $it): string => $words->say($it->standard->title)), $words),
            self::named($costs->by(static fn(CostedClass $it): string => $it->assessment->group->fullName()), $words),
            array_map(static fn(array $it): NamedCostView => NamedCostView::of($it[0]->name, $it[1], $words), $costs->students()),
            array_map(static fn(string $monday, array $it): TermWeekView => TermWeekView::of($monday, $it), array_keys($weeks), $weeks),
            TermWeekView::of($from->toDateString(), $flows),
        );
    }

    /**
     * @param array<string, SummedCost> $sums
     *
     * @return list<NamedCostView>
     */
    private static function named(array $sums, Vocabulary $words): array
    {
        return array_map(static fn(int|string $title, SummedCost $it): NamedCostView => NamedCostView::of((string) $title, $it, $words), array_keys($sums), $sums);
    }

    /** @return list<TermDatesView> */
    private static function terms(): array
    {
        $named = StudentGroup::query()->where('term', '<>', '')->whereNotNull('starts_on')->whereNotNull('ends_on')->latest('starts_on')->get()->groupBy('term');

        return array_values($named->map(static fn($groups, int|string $term): TermDatesView => new TermDatesView(
            (string) $term,
            (string) $groups->sortBy('starts_on')->first()?->starts_on?->toDateString(),
            (string) $groups->sortByDesc('ends_on')->first()?->ends_on?->toDateString(),
        ))->all());
    }
}
