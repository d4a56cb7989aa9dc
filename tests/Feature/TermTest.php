<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use App\Models\Delivery;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** What the practicals of a term cost: figures that add up to those of each class. */
final class TermTest extends TestCase
{
    public function testATermIsTheSumOfItsClasses(): void
    {
        $term = $this->term();
        $costed = array_values(array_filter($term['classes'], static fn(array $it): bool => $it['sum'] !== null));
        self::assertGreaterThanOrEqual(3, count($costed));
        foreach ($costed as $class) {
            $cost = $this->getJson("/api/v1/assessments/{$class['assessment']}/cost")->assertOk()->json();
            self::assertSame(
                [$cost['trays'], $cost['ap_mg'], $cost['seconds'], $cost['test']['ap_cost_minor'], $cost['test']['net_cost_minor'], $cost['test']['ep_mg'], $cost['test']['parts_value_minor'], $cost['test']['ep_cost_per_kg_minor']],
                array_map(static fn(string $it): mixed => $class['sum'][$it], ['trays', 'ap_mg', 'seconds', 'ap_minor', 'net_minor', 'ep_mg', 'parts_minor', 'per_kg_minor']),
                $class['title'],
            );
        }
        foreach (['trays', 'ap_mg', 'ep_mg', 'ap_minor', 'net_minor', 'by_product_minor'] as $figure) {
            $whole = $term['total'][$figure];
            self::assertSame($whole, array_sum(array_map(static fn(array $it): int => $it['sum'][$figure], $costed)), $figure);
            foreach (['standards', 'courses', 'students'] as $list) {
                self::assertSame($whole, array_sum(array_map(static fn(array $it): int => $it['sum'][$figure], $term[$list])), "$figure of $list");
            }
        }
    }

    public function testEachOfItsCutsBearsItsPart(): void
    {
        $term = $this->term();
        foreach (['standards', 'courses', 'students'] as $list) {
            foreach ($term[$list] as $row) {
                self::assertSame($row['sum']['net_minor'], array_sum(array_column($row['cuts'], 'cost_minor')), "the cuts of {$row['title']}");
                self::assertSame($row['sum']['ep_mg'], array_sum(array_column($row['cuts'], 'mass_mg')));
            }
        }
        $eight = array_column($term['standards'], null, 'title')['Chicken, eight pieces'];
        self::assertSame(['Breast', 'Thigh', 'Drumstick', 'Wing'], array_column($eight['cuts'], 'title'));
    }

    public function testItsWeeksAreTheWeeksOfTheLedger(): void
    {
        $term = $this->term();
        self::assertNotEmpty($term['weeks']);
        foreach ($term['weeks'] as $week) {
            $to = (new \DateTimeImmutable($week['from']))->modify('+6 days')->format('Y-m-d');
            $told = $this->getJson("/api/v1/ledger/week?from={$week['from']}&to=$to")->assertOk()->json();
            foreach (['delivered_mg', 'eaten_mg', 'cooked_mg', 'lost_mg', 'here_mg', 'money'] as $key) {
                self::assertSame($told[$key], $week[$key], "$key of {$week['from']}");
            }
            self::assertSame($week['money']['whole_minor'], $week['money']['eaten_minor'] + $week['money']['cooked_minor'] + $week['money']['lost_minor'] + $week['money']['here_minor']);
        }
    }

    public function testItsWholeIsItsWeeksTogether(): void
    {
        $term = $this->term();
        foreach (['delivered_mg', 'eaten_mg', 'cooked_mg', 'lost_mg', 'here_mg'] as $key) {
            self::assertSame(array_sum(array_column($term['weeks'], $key)), $term['whole'][$key], $key);
        }
    }

    public function testAClassIsHeldAgainstItsStandardAndItsOwnLastTime(): void
    {
        $this->as('marit');
        $later = $this->rehearsal();
        $cost = $this->getJson("/api/v1/assessments/$later->id/cost")->assertOk()->json();
        self::assertSame($cost['test']['ap_cost_minor'], $cost['expected']['ap_cost_minor'], 'the same carcasses at the same price');
        self::assertGreaterThan(0.5, $cost['expected']['yield']);
        self::assertNull($cost['last']);

        $earlier = Assessment::query()->where('title', 'Skewer set')->firstOrFail();
        $earlier->held()->firstOrFail()->replicate(['id', 'seq'])->fill(['published_standard_id' => $later->held->published_standard_id, 'document' => $later->held->document, 'sha256' => $later->held->sha256])->save();
        $earlier->update(['held_on' => $later->held_on->subDays(30)]);
        $last = $this->getJson("/api/v1/assessments/$later->id/cost")->assertOk()->json('last');
        self::assertSame(['Skewer set', $later->held_on->subDays(30)->toDateString()], [$last['title'], $last['held_on']]);
    }

    public function testAClassWithoutADeliveryIsNamedAndNotCounted(): void
    {
        $term = $this->term();
        $unpriced = array_values(array_filter($term['classes'], static fn(array $it): bool => $it['sum'] === null));
        self::assertSame(['Chicken eight-piece'], array_column($unpriced, 'title'));
        self::assertSame(Assessment::query()->whereHas('attempts.row', static fn($it) => $it->where('delivered_mg', '>', 0))->whereNotIn('id', Delivery::query()->select('assessment_id'))->count(), $term['whole']['money']['unpriced']);
    }

    public function testTheFinanceOfficeGetsOnePage(): void
    {
        $term = $this->term();
        $pdf = (new Parser())->parseContent((string) $this->get("/api/v1/ledger/term.pdf?from={$term['from']}&to={$term['to']}")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        self::assertCount(1, $pdf->getPages());
        $text = (string) preg_replace('/\s+/', ' ', $pdf->getText());
        self::assertStringContainsString('What practicals cost', $text);
        self::assertStringContainsString('Tollgate Quay', $text);
        self::assertStringContainsString(number_format($term['total']['net_minor'] / 100, 2, '.', ' '), $text);
        self::assertStringContainsString(number_format($term['whole']['money']['lost_minor'] / 100, 2, '.', ' '), $text);
        foreach ($term['standards'] as $standard) {
            self::assertStringContainsString($standard['title'], $text);
        }
    }

    public function testTheCsvHasAFigureForEach(): void
    {
        $term = $this->term();
        $rows = array_map(static fn(string $it): array => str_getcsv($it, escape: ''), explode("\r\n", trim((string) $this->get("/api/v1/ledger/term.csv?from={$term['from']}&to={$term['to']}")->assertOk()->getContent())));
        self::assertCount(2 + count($term['classes']) + count($term['standards']) + count($term['courses']) + count($term['students']), $rows);
        $all = $rows[count($rows) - 1];
        self::assertSame(['All', $term['total']['net_minor'] / 100], [$all[0], (float) $all[9]]);
    }

    public function testDaysThatCannotBeAreRefused(): void
    {
        $this->as('marit');
        $this->getJson('/api/v1/ledger/term?from=2001-01-02&to=2001-01-01')->assertUnprocessable();
        $this->getJson('/api/v1/ledger/term?from=yesterday')->assertUnprocessable();
        $this->getJson('/api/v1/ledger/term?from=2001-01-01')->assertOk()->assertJsonPath('classes', [])->assertJsonPath('total.per_kg_minor', null);
        $this->as('amina')->getJson('/api/v1/ledger/term')->assertForbidden();
    }

    /** @return array<string, mixed> of the last weeks */
    private function term(): array
    {
        return (array) $this->as('marit')->getJson('/api/v1/ledger/term')->assertOk()->json();
    }
}
