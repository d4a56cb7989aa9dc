<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Lots\CostSum;

/** What a school did over some days, to be read by whoever answers for it. */
final readonly class SchoolReport
{
    /**
     * @param list<ReportedStandard> $standards by title
     * @param array<string, int>     $bands     trays by band, the highest first
     * @param CostSum                $cost      of the practicals whose delivery is written down
     * @param int                    $unpriced  practicals without one
     * @param Agreement              $agreement of the trays that were marked twice
     * @param array<string, int>     $incidents by kind
     * @param int                    $warm      carcasses that came in above the limit for what is kept cold
     * @param int                    $outLong   trays that were out of the refrigerator longer than their kind may be
     * @param int                    $refused   carcasses sent back
     * @param int                    $withdrawn facts that were taken back with a reason
     * @param int                    $reissued  results issued again
     * @param int                    $appealed  results appealed
     * @param int                    $upheld    of them, with a line upheld, in part or whole
     */
    public function __construct(
        public array $standards,
        public array $bands,
        public int $students,
        public CostSum $cost,
        public int $unpriced,
        public Agreement $agreement,
        public array $incidents,
        public int $warm,
        public int $outLong,
        public int $refused,
        public int $withdrawn,
        public int $reissued,
        public int $appealed,
        public int $upheld,
    ) {}
}
