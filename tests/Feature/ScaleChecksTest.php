<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\ResultRow;
use App\Models\ScaleCheck;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Check weights on the scale of a practical: kept once, told at weigh-in and on the verdict, and in the package and the seal. */
final class ScaleChecksTest extends TestCase
{
    public function testAScaleOutOfLimitsIsToldAtWeighInOnTheVerdictAndOnTheSheet(): void
    {
        $tray = $this->station(12);
        $this->as('marit')->checkScale(1_000_000, 1_006_000)->assertOk()
            ->assertJsonPath('scale_check.error_mg', 6000)->assertJsonPath('scale_check.limit_mg', 2000)->assertJsonPath('scale_check.is_within', false)->assertJsonPath('scale_check.by', 'Marit Oyelaran');
        $this->getJson("/api/v1/attempts/{$tray->id}")->assertJsonPath('scale_check.is_within', false)->assertJsonMissing(['code' => 'remark.scale_out']);
        $this->weigh($tray, 'breast.left');
        $verdict = $this->getJson("/api/v1/attempts/{$tray->id}/verdict")->assertOk();
        self::assertContains('The scale was out of limits when this was weighed: the check weight of 1000 g read 1006 g; 2 g either way is permissible there (OIML R 76).', array_column((array) $verdict->json('result.remarks'), 'text'));
        $rows = (array) $this->getJson("/api/v1/assessments/{$this->practical()->id}/sheet")->json('rows');
        $flagged = array_filter($rows, static fn(mixed $it): bool => in_array('scale out of limits', array_column((array) data_get($it, 'flags'), 'text'), true));
        self::assertSame([12], array_values(array_map(static fn(mixed $it): mixed => data_get($it, 'station'), $flagged)), 'what was weighed before the check is not touched');
    }

    public function testOneThatIsWithinSaysNothingOnTheVerdict(): void
    {
        $tray = $this->station(12);
        $this->as('marit')->checkScale(1_000_000, 1_006_000)->assertOk();
        CarbonImmutable::setTestNow(now()->addMinute());
        $this->as('teodor')->checkScale(1_000_000, 999_000)->assertOk()->assertJsonPath('scale_check.is_within', true)->assertJsonPath('scale_check.by', 'Teodor Vance');
        CarbonImmutable::setTestNow(now()->addMinute());
        $this->weigh($tray, 'breast.left');
        $this->getJson("/api/v1/attempts/{$tray->id}/verdict")->assertOk()->assertJsonMissing(['code' => 'remark.scale_out']);
    }

    public function testStandsInThePackageWhichGradesTheSameByItself(): void
    {
        $this->as('marit')->checkScale(1_000_000, 1_006_000)->assertOk();
        $this->weigh($this->station(12), 'breast.left');
        $package = json_decode((string) $this->get("/api/v1/assessments/{$this->practical()->id}/package")->assertOk()->getContent(), false, 64, JSON_THROW_ON_ERROR);
        self::assertSame('deft-blade.assessment/3', $package->format);
        self::assertSame([1_000_000, 1_006_000], [$package->scale_checks[0]->nominal_mg, $package->scale_checks[0]->reading_mg]);
        $this->artisan('seal:verify')->assertSuccessful();
        $before = ResultRow::query()->orderBy('attempt_id')->get()->toJson();
        $this->artisan('results:rebuild')->assertSuccessful();
        self::assertSame($before, ResultRow::query()->orderBy('attempt_id')->get()->toJson(), 'the projection is what it is rebuilt to');
    }

    public function testIsKeptOnceAndAnotherUnderItsIdIsRefused(): void
    {
        $id = (string) Str::uuid7();
        $this->as('marit')->checkScale(500_000, 500_000, $id)->assertOk();
        $this->checkScale(500_000, 500_000, $id)->assertOk();
        self::assertSame(1, ScaleCheck::query()->count());
        $this->checkScale(500_000, 501_000, $id)->assertConflict();
        $this->checkScale(0, 501_000)->assertUnprocessable()->assertJsonPath('errors.0.path', 'nominal_mg');
        $this->as('ilse')->checkScale(500_000, 500_000)->assertForbidden();
    }

    public function testAnotherPracticalsScaleIsAnother(): void
    {
        $this->as('marit')->checkScale(1_000_000, 1_006_000)->assertOk();
        $this->getJson("/api/v1/assessments/{$this->rehearsal()->id}/floor")->assertOk()->assertJsonPath('scale_check', null);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function checkScale(int $nominalMg, int $readingMg, ?string $id = null): TestResponse
    {
        return $this->putJson("/api/v1/assessments/{$this->practical()->id}/scale-checks/".($id ?? Str::uuid7()), ['nominal_mg' => $nominalMg, 'reading_mg' => $readingMg]);
    }

    private function weigh(Attempt $attempt, string $piece): void
    {
        CarbonImmutable::setTestNow(now()->addSecond());
        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", ['device' => 'test', 'offset_ms' => 0, 'captures' => [self::capture(['kind' => 'piece', 'piece' => $piece, 'mass_mg' => 240_000])]])->assertOk();
    }
}
