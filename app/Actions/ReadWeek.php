<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Delivery;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\ClassAccount;
use DeftBlade\Core\Lots\ClassFlow;
use DeftBlade\Core\Lots\Destination;
use DeftBlade\Core\Lots\FlowStage;
use Illuminate\Support\Facades\DB;

/** Where the carcasses of some days went, class by class, from the rows that are kept of results and lots. */
final readonly class ReadWeek
{
    /** @return list<HeldFlow> of the practicals of these days, the earliest first */
    public function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $days = [$from->toDateString(), $to->toDateString()];
        $gone = $this->gone($days);
        $deliveries = Delivery::between(...$days);
        $flows = [];
        foreach ($this->delivered($days) as $row) {
            $mg = self::figures($row, ['delivered', 'cuts', 'by_products', 'waste', 'open']);
            $id = self::text($row, 'id');
            $account = new ClassAccount($mg[0], $mg[1], $mg[2], $mg[3], $mg[4], 0);
            $flows[] = new HeldFlow(CarbonImmutable::parse(self::text($row, 'held_on')), new ClassFlow(self::text($row, 'species'), $account, $gone[$id] ?? []), $deliveries[$id] ?? null);
        }

        return $flows;
    }

    /**
     * @param array{string, string} $days
     *
     * @return list<\stdClass>
     */
    private function delivered(array $days): array
    {
        return self::rows(<<<'SQL'
            SELECT assessments.id, held_on, sum(delivered_mg) AS delivered, sum(cuts_mg) AS cuts, sum(by_products_mg) AS by_products, sum(waste_mg) AS waste, sum(open_mg) AS open,
                (SELECT document->>'species' FROM held_documents WHERE held_documents.assessment_id = assessments.id ORDER BY seq DESC LIMIT 1) AS species
            FROM assessments JOIN results ON results.assessment_id = assessments.id
            WHERE held_on BETWEEN ? AND ? AND cancelled IS NULL
            GROUP BY assessments.id, held_on ORDER BY held_on, assessments.id
            SQL, $days);
    }

    /**
     * @param array{string, string} $days
     *
     * @return array<string, list<array{FlowStage, FlowStage, int}>> by practical
     */
    private function gone(array $days): array
    {
        $rows = self::rows(<<<'SQL'
            WITH made AS (SELECT lots.* FROM lots JOIN assessments ON assessments.id = lots.assessment_id WHERE held_on BETWEEN ? AND ? AND cancelled IS NULL AND stage IS NOT NULL)
            SELECT assessment_id, stage, key AS destination, sum(value::bigint) AS mg FROM made CROSS JOIN LATERAL json_each_text(moved) GROUP BY assessment_id, stage, key
            UNION ALL
            SELECT assessment_id, stage, NULL, sum(on_hand_mg) FROM made GROUP BY assessment_id, stage
            SQL, $days);
        $gone = [];
        foreach ($rows as $row) {
            $gone[self::text($row, 'assessment_id')][] = [
                FlowStage::from(self::text($row, 'stage')),
                $row->destination === null ? FlowStage::OnHand : FlowStage::ofDestination(Destination::from(self::text($row, 'destination'))),
                self::figures($row, ['mg'])[0],
            ];
        }

        return $gone;
    }

    /**
     * @param list<string> $bindings
     *
     * @return list<\stdClass>
     */
    private static function rows(string $sql, array $bindings): array
    {
        return array_values(array_filter(DB::select($sql, $bindings), static fn(mixed $it): bool => $it instanceof \stdClass));
    }

    /**
     * @param list<string> $keys
     *
     * @return list<int>
     */
    private static function figures(\stdClass $row, array $keys): array
    {
        return array_map(static fn(string $key): int => is_numeric($row->{$key}) ? (int) $row->{$key} : 0, $keys);
    }

    private static function text(\stdClass $row, string $key): string
    {
        return is_string($row->{$key}) ? $row->{$key} : '';
    }
}
