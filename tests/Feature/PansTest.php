<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use Smalot\PdfParser\Parser;
use Tests\PlansPracticals;
use Tests\TestCase;

/** Students who present on one large pan: each has a zone, from the plan to the scale. */
final class PansTest extends TestCase
{
    use PlansPracticals;

    public function testEachHasAZoneInTheBriefAtTheStationAndAtTheScale(): void
    {
        $saved = $this->as('marit')->save(self::brief(['lists' => [self::sharing(3, 12)]]), 0)->assertOk();
        $zones = ['1A', '1B', '2A', '2B', '3A', '3B', '4A', '4B', '5A', '5B', '6A', '6B'];
        self::assertSame($zones, self::zones($saved->json('lists.0.students')), 'three waves of four, on two pans each');

        $practical = $this->set(1)->assertOk()->json('assessments.0');
        self::assertSame($zones, self::zones($this->getJson("/api/v1/assessments/$practical/floor")->assertOk()->json('stations')));
        $stations = $this->getJson("/api/v1/assessments/$practical")->assertOk()->json('stations');
        self::assertSame($zones, self::zones($stations));
        $this->getJson('/api/v1/attempts/'.data_get($stations, '3.attempt'))->assertOk()->assertJsonPath('on_floor.pan', ['pan' => 2, 'zone' => 'B', 'of' => 2]);
    }

    public function testTraysOfAPanComeToTheScaleTogether(): void
    {
        $own = $this->as('marit')->save(self::brief(['waves' => 1]), 0)->assertOk();
        $shared = $this->save(self::brief(['waves' => 1, 'lists' => [self::sharing(4, 12)]]), 1)->assertOk();
        self::assertGreaterThan($own->json('hour.p95_wait_s'), $shared->json('hour.p95_wait_s'));
        self::assertSame($own->json('hour.free_s'), $shared->json('hour.free_s'));
    }

    public function testPrintsTheMapOfEachPanAndALabelForEachZone(): void
    {
        $this->as('marit')->save(self::brief(['waves' => 1, 'lists' => [self::sharing(4, 7)]]), 0)->assertOk();
        foreach ([false, true] as $isSet) {
            $isSet && $this->set(1)->assertOk();
            $text = $this->text('pans');
            self::assertStringContainsString('Pan 2, wave 1', $text);
            self::assertSame(2, substr_count($text, $this->studentAt(1)), 'once on the map, once as a label');
            self::assertStringContainsString("2 A {$this->studentAt(5)} Station 5, wave 1", $text);
            self::assertStringContainsString('Presents on pan 2, zone C.', $this->text('stations'));
        }
    }

    public function testATrayEachNeedsNoLabels(): void
    {
        $saved = $this->as('marit')->save(self::brief(['lists' => [self::sharing(1, 4)]]), 0)->assertOk()->assertJsonPath('lists.0.students.0.pan', null);
        self::assertStringContainsString('Everybody presents on a tray of their own.', $this->text('pans'));
        self::assertStringNotContainsString('zone', $this->text('stations'));
        $practical = Assessment::query()->findOrFail($this->set($saved->json('version'))->json('assessments.0'));
        self::assertNull($practical->panPlaceOf(1));
    }

    public function testMoreThanFourToAPanIsRefusedWhereItStands(): void
    {
        foreach ([0, 5, 'four'] as $many) {
            $list = self::sharing(2, 4);
            $list->per_pan = $many;
            $this->as('marit')->save(self::brief(['lists' => [$list]]), 0)->assertUnprocessable()->assertJsonPath('errors.0.path', 'brief.lists[0].per_pan');
        }
    }

    private static function sharing(int $perPan, int $students): \stdClass
    {
        $list = self::list('chicken-crown-and-legs', array_slice(self::students(), 0, $students));
        $list->per_pan = $perPan;

        return $list;
    }

    /** @return list<string> such as "1A" */
    private static function zones(mixed $students): array
    {
        return array_map(static fn(mixed $it): string => data_get($it, 'pan.pan').data_get($it, 'pan.zone'), array_values((array) $students));
    }

    private function studentAt(int $station): string
    {
        return (string) $this->getJson("/api/v1/briefs/{$this->id}")->json('lists.0.students.'.($station - 1).'.name');
    }

    private function text(string $sheet): string
    {
        $pdf = (string) $this->get("/api/v1/briefs/{$this->id}/print?sheet=$sheet")->assertOk()->getContent();

        return trim((string) preg_replace('/[\s\x{a0}]+/u', ' ', (new Parser())->parseContent($pdf)->getText()));
    }
}
