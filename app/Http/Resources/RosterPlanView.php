<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\RosterChange;
use App\Actions\RosterPlan;
use App\Roster\RosterColumn;
use App\Roster\RowProblem;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** A file held against the roster: how its columns are read, what it would do, what is wrong with it. Nothing is written yet. */
#[OA\Schema]
final readonly class RosterPlanView
{
    private const MOST_SHOWN = 500;

    /**
     * @param list<string>            $headings
     * @param list<RosterColumn|null> $columns
     * @param list<string>            $groups
     * @param list<RosterLineView>    $lines
     * @param list<RowProblemView>    $problems
     */
    private function __construct(
        #[OA\Property]
        public bool $has_header,
        #[OA\Property(description: 'Some column holds a name.')]
        public bool $is_mapped,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $headings,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: RosterColumn::class, nullable: true))]
        public array $columns,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Groups the file names.')]
        public array $groups,
        #[OA\Property]
        public int $new,
        #[OA\Property]
        public int $changed,
        #[OA\Property]
        public int $same,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RosterLineView::class), description: 'The first 500 rows that do something, then others.')]
        public array $lines,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RowProblemView::class))]
        public array $problems,
    ) {}

    public static function of(RosterPlan $plan, Sentences $sentences): self
    {
        $changes = $plan->changes;
        usort($changes, static fn(RosterChange $a, RosterChange $b): int => [! $a->changes(), $a->row->line] <=> [! $b->changes(), $b->row->line]);

        return new self(
            $plan->file->hasHeader,
            $plan->file->isMapped(),
            $plan->file->headings,
            $plan->file->columns,
            $plan->file->groups,
            $plan->countNew(),
            $plan->countChanged(),
            count($plan->changes) - $plan->countNew() - $plan->countChanged(),
            array_map(static fn(RosterChange $it): RosterLineView => RosterLineView::of($it, $sentences), array_slice($changes, 0, self::MOST_SHOWN)),
            array_map(static fn(RowProblem $it): RowProblemView => new RowProblemView($it->line, $sentences->say($it->what)), $plan->problems),
        );
    }
}
