<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use App\Models\ResultRow;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Classes as they follow each other. */
final class TrendsTest extends TestCase
{
    private const ADDRESS = '/api/v1/trends?standard=chicken-eight-piece';

    /** What a class stands there with is what its sheet says: added up by hand. */
    public function testTheMeansAreThoseOfTheClassSheet(): void
    {
        $classes = (array) $this->as('ilse')->getJson(self::ADDRESS)->assertOk()->json('classes');
        self::assertCount(2, $classes);
        foreach ($classes as $class) {
            $rows = array_filter((array) $this->getJson("/api/v1/assessments/{$class['assessment']}/sheet")->assertOk()->json('rows'), static fn(array $it): bool => $it['status'] === 'final');
            self::assertSame(count($rows), $class['trays']);
            self::assertEqualsWithDelta(array_sum(array_column($rows, 'total')) / count($rows), $class['means']['total'], 1e-9);
            $scraped = [];
            foreach ($rows as $row) {
                $scraped[] = $this->getJson("/api/v1/attempts/{$row['attempt']}")->json('holds.scrape_mg');
            }
            self::assertEqualsWithDelta(array_sum($scraped) / count($scraped), $class['means']['scrape'], 1e-6);
        }
    }

    public function testRehearsalsWhatWasCancelledAndWhatIsMarkedASecondTimeAreLeftOut(): void
    {
        $count = fn(): int => count((array) $this->as('marit')->getJson(self::ADDRESS)->assertOk()->json('classes'));
        $trays = fn(): array => array_column((array) $this->getJson(self::ADDRESS)->json('classes'), 'trays');
        self::assertSame(2, $count());
        $before = $trays();
        $row = ResultRow::query()->where('assessment_id', $this->rehearsal()->id)->whereNotNull('total')->firstOrFail();
        $row->update(['second_open' => [(string) Str::uuid7()]]);
        self::assertSame([$before[0] - 1, $before[1]], $trays());
        $this->rehearsal()->update(['is_rehearsal' => true]);
        self::assertSame(1, $count());
        // One class alone has no limits.
        self::assertSame([], $this->getJson(self::ADDRESS)->json('charts'));
        $this->practical()->update(['cancelled' => 'No birds came.']);
        self::assertNotSame('chicken-eight-piece', $this->getJson(self::ADDRESS)->assertOk()->json('standard'));
        Assessment::query()->update(['is_rehearsal' => true]);
        $this->getJson('/api/v1/trends')->assertOk()->assertJsonPath('standard', null)->assertJsonPath('classes', [])->assertJsonPath('standards', []);
    }

    /** What cost a class most is what its tray pages say was lost, added up by hand; the step to show again is one of the card. */
    public function testAClassSaysWhatToTeachNext(): void
    {
        $assessment = $this->rehearsal();
        $look = $this->as('teodor')->getJson("/api/v1/assessments/$assessment->id/look-back")->assertOk();
        $rows = array_filter((array) $this->getJson("/api/v1/assessments/$assessment->id/sheet")->json('rows'), static fn(array $it): bool => $it['status'] === 'final');
        $totals = array_column($rows, 'total');
        sort($totals);
        self::assertEquals($totals, $look->json('totals'));
        $lost = [];
        foreach ($rows as $row) {
            foreach ((array) $this->getJson("/api/v1/attempts/{$row['attempt']}/verdict")->json('result.reasons') as $reason) {
                if (($reason['figures']['criterion'] ?? '') !== '') {
                    $lost[$reason['figures']['criterion']] = ($lost[$reason['figures']['criterion']] ?? 0) + $reason['lost'] / count($rows);
                }
            }
        }
        $titles = array_column((array) data_get($assessment->held->document, 'criteria'), 'title', 'id');
        $steps = array_column((array) $this->getJson("/api/v1/practice/{$look->json('standard')}")->json('steps'), 'do');
        $held = 0;
        foreach ((array) $look->json('teach') as $it) {
            $criterion = array_search($it['title'], $titles, true);
            if (is_string($criterion)) {
                $held++;
                self::assertEqualsWithDelta($lost[$criterion], $it['points'], 0.01);
                self::assertNotSame('', $it['aim']);
            }
            self::assertSame($it['step'] === null ? null : $steps[$it['step']], $it['do']);
        }
        self::assertGreaterThan(0, $held);
        self::assertSame([], $look->json('earlier'));
        $later = $this->getJson("/api/v1/assessments/{$this->practical()->id}/look-back")->assertOk();
        self::assertSame([$assessment->id], array_column((array) $later->json('earlier'), 'assessment'));
        self::assertStringNotContainsString('Amina', (string) $look->getContent());
        // Where nothing is done yet there is nothing to teach from.
        $coming = Assessment::query()->where('title', 'Lamb leg by the seam')->firstOrFail();
        $this->getJson("/api/v1/assessments/$coming->id/look-back")->assertOk()->assertJsonPath('teach', [])->assertJsonPath('totals', []);
    }

    /** Station by station it is what each tray page says was lost; the stations together are the class, and so are the waves. */
    public function testWhatCostPointsIsReadStationByStation(): void
    {
        $assessment = $this->rehearsal();
        $assessment->update(['waves' => ['by_station' => (object) array_map(static fn(int $it): int => $it <= 5 ? 1 : 2, array_combine(range(1, 12), range(1, 12))), 'gap_ms' => 600_000]]);
        $look = $this->as('marit')->getJson("/api/v1/assessments/$assessment->id/look-back")->assertOk();
        $lost = (array) $look->json('lost');
        $by = static fn(string $factor): array => array_column(array_filter((array) $look->json('lost_by'), static fn(mixed $it): bool => data_get($it, 'factor') === $factor), null, 'value');
        $titles = array_column((array) data_get($assessment->held->document, 'criteria'), 'id', 'title');
        foreach (array_filter((array) $this->getJson("/api/v1/assessments/$assessment->id/sheet")->json('rows'), static fn(array $it): bool => $it['status'] === 'final') as $row) {
            $said = [];
            foreach ((array) $this->getJson("/api/v1/attempts/{$row['attempt']}/verdict")->json('result.reasons') as $reason) {
                $said[$reason['figures']['criterion'] ?? ''] = ($said[$reason['figures']['criterion'] ?? ''] ?? 0) + $reason['lost'];
            }
            foreach ($lost as $index => $thing) {
                if (isset($titles[$thing['title']])) {
                    self::assertEqualsWithDelta($said[$titles[$thing['title']]] ?? 0, $by('station')[$row['station']]['points'][$index], 0.006, $thing['title']);
                }
            }
        }
        foreach (['station', 'wave'] as $factor) {
            self::assertSame($look->json('lost.0.trays'), array_sum(array_column($by($factor), 'trays')), $factor);
            foreach ($lost as $index => $thing) {
                $sum = array_sum(array_map(static fn(array $it): float => $it['trays'] * $it['points'][$index], $by($factor)));
                self::assertEqualsWithDelta($thing['points'], $sum / $thing['trays'], 0.02, $thing['title']);
            }
        }
        // No delivery is written down for it.
        self::assertSame([], $by('delivery'));
    }

    /** A box of birds is told by the tag that several carcasses have. */
    public function testABoxOfBirdsStandsBesideTheOthers(): void
    {
        $assessment = $this->rehearsal();
        $attempts = $assessment->attempts()->get()->filter(static fn($it): bool => $it->row->status->value === 'final')->values();
        foreach ($attempts as $index => $attempt) {
            $attempt->row->update(['tag' => $index < 4 ? 'Box 2' : ($index === 4 ? 'Bird 77' : 'Box 1')]);
        }
        $look = $this->as('marit')->getJson("/api/v1/assessments/$assessment->id/look-back")->assertOk();
        $boxes = array_column(array_map(static fn(mixed $it): array => [(string) data_get($it, 'difference.value'), $it], array_values(array_filter((array) $look->json('parts'), static fn(mixed $it): bool => data_get($it, 'factor') === 'tag'))), 1, 0);
        self::assertSame(['Box 1', 'Box 2'], array_keys($boxes));
        $totals = $attempts->map(static fn($it): float => (float) $it->row->total)->all();
        $mean = static fn(array $of): float => array_sum($of) / count($of);
        self::assertEqualsWithDelta($mean(array_slice($totals, 0, 4)) - $mean(array_slice($totals, 4)), data_get($boxes['Box 2'], 'difference.points.value'), 1e-9);
        $columns = array_values(array_filter((array) $look->json('lost_by'), static fn(mixed $it): bool => data_get($it, 'factor') === 'tag'));
        self::assertSame([['Box 1', count($totals) - 5], ['Box 2', 4]], array_map(static fn(mixed $it): array => [data_get($it, 'value'), data_get($it, 'trays')], $columns));
        $lines = (string) $this->get("/api/v1/assessments/$assessment->id/look-back.csv")->assertOk()->getContent();
        self::assertStringContainsString("\ntag,Box 2,4,", str_replace('"', '', $lines));
    }

    public function testTheFiguresGoIntoASpreadsheet(): void
    {
        $classes = (array) $this->as('marit')->getJson(self::ADDRESS)->json('classes');
        $lines = array_map(static fn(string $it): array => str_getcsv($it, escape: ''), explode("\n", trim((string) $this->get('/api/v1/trends.csv?standard=chicken-eight-piece')->assertOk()->getContent())));
        self::assertCount(3, $lines);
        self::assertSame([$classes[0]['held_on'], (string) $classes[0]['trays']], [$lines[1][0], $lines[1][4]]);
        self::assertEqualsWithDelta($classes[1]['means']['scrape'] / 1000, (float) $lines[2][8], 0.01);
    }

    public function testANoteIsWrittenOnceAndTakenBack(): void
    {
        $address = '/api/v1/day-notes/'.Str::uuid7();
        $note = ['on' => now()->subDay()->toDateString(), 'text' => 'New knives'];
        $this->as('teodor')->putJson($address, $note)->assertForbidden();
        $this->as('marit')->putJson($address, $note)->assertNoContent();
        $this->putJson($address, $note)->assertNoContent();
        $this->putJson($address, ['text' => 'Old knives'] + $note)->assertConflict();
        $this->putJson('/api/v1/day-notes/'.Str::uuid7(), ['on' => 'yesterday', 'text' => ''])->assertUnprocessable()->assertJsonCount(2, 'errors');
        self::assertSame([['New knives', 'Marit Oyelaran']], array_map(static fn(array $it): array => [$it['text'], $it['by']], (array) $this->as('teodor')->getJson(self::ADDRESS)->json('notes')));
        $this->as('ilse')->deleteJson($address)->assertNoContent();
        $this->deleteJson($address)->assertNoContent();
        self::assertSame([], $this->getJson(self::ADDRESS)->json('notes'));
    }
}
