<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The look at a carcass: asked by what it is, kept with the attempt, told on the verdict in the words of the school. */
final class ReceivingTest extends TestCase
{
    public function testIsAskedByTheClassOfProductWithTheDefectsOfTheStandard(): void
    {
        $floor = $this->as('marit')->getJson("/api/v1/assessments/{$this->practical()->id}/floor")->assertOk()->assertJsonPath('warmest_core_c', 5);
        $items = array_column((array) $floor->json('receiving'), null, 'id');
        self::assertSame('Fully thawed, no ice in the cavity', $items['thawed']['title']);
        self::assertSame(['torn-skin'], $items['skin']['defects']);
        self::assertContains('broken-wing.left', $items['bones']['defects']);
        self::assertNotContains('broken-wing', $items['bones']['defects'], 'this standard excuses one side');
        $this->getJson("/api/v1/assessments/{$this->practical()->id}")->assertJsonPath('receiving', $floor->json('receiving'));
    }

    public function testIsKeptWithTheCarcassAndToldOnTheVerdict(): void
    {
        $tray = $this->station(12);
        $this->look($tray, ['skin', 'dry'], 6.5)->assertOk()->assertJsonPath('holds.look_not', ['skin', 'dry'])->assertJsonPath('holds.core_c', 6.5);
        $remarks = array_column((array) $this->getJson("/api/v1/attempts/{$tray->id}/verdict")->assertOk()->json('result.remarks'), 'text');
        self::assertContains('At receiving: skin torn; wet.', $remarks);
        self::assertContains('Its core was at 6.5 °C at receiving; 5 °C or below is in order (FDA Food Code 3-202.11).', $remarks);
        $this->look($tray, [])->assertOk()->assertJsonPath('holds.look_not', [])->assertJsonPath('holds.core_c', null);
        $this->getJson("/api/v1/attempts/{$tray->id}/verdict")->assertJsonMissing(['code' => 'remark.looked'])->assertJsonMissing(['code' => 'remark.warm']);
    }

    public function testARefusedCarcassTakesItsLookAlong(): void
    {
        $tray = $this->station(12);
        $this->look($tray, ['smell'])->assertOk();
        $this->send($tray, ['kind' => 'refused', 'reason' => 'Smells off'])->assertOk()->assertJsonPath('holds.look_not', null);
    }

    public function testWhatIsNoTemperatureIsRefusedWithItsPlace(): void
    {
        $this->look($this->station(12), [], 140.0)->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].core_c');
    }

    /** @param list<string> $not */
    private function look(Attempt $attempt, array $not, ?float $coreC = null): TestResponse
    {
        return $this->send($attempt, ['kind' => 'look', 'not' => $not] + ($coreC === null ? [] : ['core_c' => $coreC]));
    }

    /** @param array<string, mixed> $fact */
    private function send(Attempt $attempt, array $fact): TestResponse
    {
        return $this->as('marit')->postJson("/api/v1/attempts/{$attempt->id}/captures", ['device' => 'test', 'offset_ms' => 0, 'captures' => [self::capture($fact)]]);
    }
}
