<?php

declare(strict_types=1);

namespace App\Actions;

use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\ClassAccount;
use DeftBlade\Core\Lots\Destination;
use DeftBlade\Core\Lots\Flow;
use DeftBlade\Core\Lots\FlowStage;
use Illuminate\Support\Facades\DB;

/** Where the carcasses of some days went, from the rows that are kept of results and lots. */
final readonly class ReadWeek
{
    public function flow(CarbonImmutable $from, CarbonImmutable $to): Flow
    {
        return Flow::of($this->delivered($from, $to), $this->gone($from, $to));
    }

    /** @return array<string, ClassAccount> by species */
    private function delivered(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $rows = self::rows(<<<'SQL'
            SELECT species, sum(delivered) AS delivered, sum(cuts) AS cuts, sum(by_products) AS by_products, sum(waste) AS waste, sum(open) AS open
            FROM (
                SELECT sum(delivered_mg) AS delivered, sum(cuts_mg) AS cuts, sum(by_products_mg) AS by_products, sum(waste_mg) AS waste, sum(open_mg) AS open,
                    (SELECT document->>'species' FROM held_documents WHERE held_documents.assessment_id = assessments.id ORDER BY seq DESC LIMIT 1) AS species
                FROM assessments JOIN results ON results.assessment_id = assessments.id
                WHERE held_on BETWEEN ? AND ? AND cancelled IS NULL
                GROUP BY assessments.id
            ) AS classes
            GROUP BY species ORDER BY species
            SQL, [$from->toDateString(), $to->toDateString()]);
        $accounts = [];
        foreach ($rows as $row) {
            $mg = self::figures($row, ['delivered', 'cuts', 'by_products', 'waste', 'open']);
            $accounts[self::text($row, 'species')] = new ClassAccount($mg[0], $mg[1], $mg[2], $mg[3], $mg[4], 0);
        }

        return $accounts;
    }

    /** @return list<array{FlowStage, FlowStage, int}> */
    private function gone(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $days = [$from->toDateString(), $to->toDateString()];
        $rows = self::rows(<<<'SQL'
            SELECT stage, key AS destination, sum(value::bigint) AS mg
            FROM lots CROSS JOIN LATERAL json_each_text(moved)
            WHERE made_on BETWEEN ? AND ? AND stage IS NOT NULL
            GROUP BY stage, key
            UNION ALL
            SELECT stage, NULL, sum(on_hand_mg) FROM lots WHERE made_on BETWEEN ? AND ? AND stage IS NOT NULL GROUP BY stage
            SQL, [...$days, ...$days]);

        return array_map(static fn(\stdClass $it): array => [
            FlowStage::from(self::text($it, 'stage')),
            $it->destination === null ? FlowStage::OnHand : FlowStage::ofDestination(Destination::from(self::text($it, 'destination'))),
            self::figures($it, ['mg'])[0],
        ], $rows);
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
