<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each figure here is worked out by hand from the rules in docs/grading.md. */
final class GradingTest extends TestCase
{
    private const WEIGHED = ['ap' => 1800, 'left' => 300, 'right' => 300];

    public function testPortionWorkedByHand(): void
    {
        $result = Package::plain('portion', fade: 1.0)->attempt('a', ['ap' => 1800, 'left' => 267, 'right' => 300])->first();
        self::assertSame(['under', 'within'], array_column($result['pieces'], 'verdict'));
        self::assertEqualsWithDelta(0.9647, $result['pieces'][0]['score'], 0.0001);
        self::assertEqualsWithDelta([267 / 306, 300 / 306], array_column($result['pieces'], 'recovery'), 1e-12, '17 % of 1800 g is 306 g');
        self::assertEqualsWithDelta(100 * (0.96466 + 1) / 2, $result['components'][0]['score'], 0.001);
        self::assertStringContainsString('left: 267 g (14.83 % of the carcass), window 270 to 342 g for this carcass (15 to 19 %); 1.3 g under what is allowed', $result['reasons'][0]['text']);
    }

    /** u(q) of 269 g of 1 800 g is 0.00058, so the guard band at 95 % is 0.00096 (JCGM 106:2012, 8.2 and 8.3). */
    #[DataProvider('rules')]
    public function testDecisionRules(string $rule, float $grams, string $verdict): void
    {
        $result = Package::plain('portion', fade: 1.0)
            ->with(static fn(\stdClass $it) => $it->policy->decision->rule = $rule)
            ->attempt('a', ['ap' => 1800, 'left' => $grams, 'right' => 300])->first();
        self::assertSame($verdict, $result['pieces'][0]['verdict']);
    }

    /** @return list<array{string, float, string}> */
    public static function rules(): array
    {
        return [
            ['simple', 270, 'within'], ['simple', 269, 'under'], ['simple', 342, 'within'], ['simple', 343, 'over'],
            ['benefit', 270, 'within'], ['benefit', 269, 'allowed'], ['benefit', 268, 'under'], ['benefit', 343, 'allowed'], ['benefit', 345, 'over'],
            ['strict', 270, 'under'], ['strict', 271, 'under'], ['strict', 272, 'within'], ['strict', 341, 'over'], ['strict', 339, 'within'],
        ];
    }

    /** One limit, z = 1.64: conformance is 95 % (JCGM 106:2012, table 1). By hand: u² of 300 g = 1/3 + 1/6 + 0.6² g². */
    public function testConformanceAtTheGuardedLimitIsTheConfidence(): void
    {
        $guard = 1.644854 * sqrt(1 / 3 + 1 / 6 + 0.6 ** 2) * 1000;
        $result = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it) use ($guard): void {
            $it->standard->pieces[0]->window = (object) ['basis' => 'mass', 'low' => 300_000 - $guard, 'high' => 900_000];
        })->attempt('a', self::WEIGHED)->first();
        self::assertEqualsWithDelta(0.95, $result['pieces'][0]['conformance'], 1e-6);
    }

    public function testAWindowInGramsIsSaidAsItIsWhateverTheCarcassWeighs(): void
    {
        foreach ([1500, 1800, 2100] as $ap) {
            $result = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
                $it->standard->pieces[0]->window = (object) ['basis' => 'mass', 'low' => 310_000, 'high' => 400_000];
            })->attempt('a', ['ap' => $ap, 'left' => 250, 'right' => $ap / 6])->first();
            self::assertSame('under', $result['pieces'][0]['verdict']);
            self::assertStringContainsString('window 310 to 400 g', $result['reasons'][0]['text']);
        }
    }

    public function testAPieceWithoutAWindowIsHeldToTwoStandardDeviations(): void
    {
        $result = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
            unset($it->standard->pieces[0]->window);
        })->attempt('a', self::WEIGHED)->first();
        self::assertEqualsWithDelta([0.17 - 2 * 0.0136, 0.17 + 2 * 0.0136], [$result['pieces'][0]['low'], $result['pieces'][0]['high']], 1e-12);

        $said = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
            unset($it->standard->pieces[0]->window);
            $it->standard->carcass->parts[0]->sd = 0.02;
        })->attempt('a', self::WEIGHED)->first();
        self::assertEqualsWithDelta([0.13, 0.21], [$said['pieces'][0]['low'], $said['pieces'][0]['high']], 1e-12, 'the spread the carcass says');
    }

    public function testAStrictWindowThatIsEmptyIsAnError(): void
    {
        $package = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
            $it->policy->decision->rule = 'strict';
            $it->standard->pieces[0]->window->high = 0.1505;
        })->attempt('a', self::WEIGHED);
        self::assertSame('policy.decision.rule: strict leaves nothing of the window of left: the scale is too coarse for it', Refused::when($package->grade(...)));
    }

    /**
     * @param array<string, float|bool> $settings
     * @param array<string, mixed>      $of
     */
    #[DataProvider('components')]
    public function testMeasuredComponents(string $component, array $settings, array $of, ?float $score, string $state = 'scored'): void
    {
        $result = Package::plain($component, ...$settings)->attempt('a', $of)->first();
        self::assertSame($state, $result['components'][0]['state']);
        self::assertEqualsWithDelta($score, $result['components'][0]['score'], 1e-9);
    }

    /** @return array<string, list<mixed>> */
    public static function components(): array
    {
        $pairs = ['tolerance' => 0.06, 'fade' => 1.0];
        $yield = ['floor' => 0.2, 'target' => 0.4];

        return [
            'pairs alike' => ['pairs', $pairs, ['left' => 300, 'right' => 290], 100.0],
            'pairs apart by 9 %' => ['pairs', $pairs, ['left' => 313.5, 'right' => 286.5], 50.0],
            'pairs too far apart' => ['pairs', $pairs, ['left' => 330, 'right' => 270], 0.0],
            'pair of nothing' => ['pairs', $pairs, ['left' => 0, 'right' => 0], 100.0],
            'pair not complete yet' => ['pairs', $pairs, ['left' => 300], null, 'pending'],
            'pair missing when presented' => ['pairs', $pairs, ['left' => 300, 'clock' => [0 => 'start', 9 => 'stop']], 0.0],
            'portion missing when presented' => ['portion', ['fade' => 1.0], ['ap' => 1800, 'left' => 300, 'clock' => [0 => 'start', 9 => 'stop']], 50.0],
            'portion without AP' => ['portion', ['fade' => 1.0], ['left' => 300, 'right' => 300], null, 'pending'],
            'yield between' => ['yield', $yield, ['ap' => 2000, 'left' => 300, 'right' => 300], 50.0],
            'yield above target' => ['yield', $yield, ['ap' => 1000, 'left' => 300, 'right' => 300], 100.0],
            'yield below floor' => ['yield', $yield, ['ap' => 6000, 'left' => 300, 'right' => 300], 0.0],
            'frame clean' => ['frame', [], ['ap' => 1800, 'scrape' => 10], 100.0],
            'frame half way' => ['frame', [], ['ap' => 1800, 'scrape' => 26.35], 50.0],
            'frame at the limit' => ['frame', [], ['ap' => 1800, 'scrape' => 42.7], 0.0],
            'frame not scraped' => ['frame', [], ['ap' => 1800], null, 'pending'],
            'time at the standard' => ['time', [], ['ap' => 1800, 'clock' => [0 => 'start', 1200 => 'stop']], 100.0],
            'time half way' => ['time', [], ['ap' => 1800, 'clock' => [0 => 'start', 1500 => 'stop']], 50.0],
            'judged, nothing to judge' => ['technique', [], ['ap' => 1800], 100.0],
        ];
    }

    public function testExtraTimeStretchesStandardAndLimit(): void
    {
        $result = Package::plain('time')->attempt('a', ['ap' => 1800, 'clock' => [0 => 'start', 1875 => 'stop']], ['time_factor' => 1.25])->first();
        self::assertEqualsWithDelta(50.0, $result['components'][0]['score'], 1e-9);
        self::assertFalse($result['time']['over_limit']);
    }

    public function testWhatTheStandardDoesNotAskForDropsOut(): void
    {
        foreach (['frame', 'time'] as $component) {
            $result = Package::plain($component)->with(static fn(\stdClass $it) => $it->standard->{$component} = null)->attempt('a', self::WEIGHED)->first();
            self::assertSame(['dropped', 'final', null], [$result['components'][0]['state'], $result['status'], $result['total']]);
        }
    }

    public function testLevelsAndFaultsOfAJudgedComponent(): void
    {
        // Levels: 100·(2·3/4 + 1·2/2)/3 = 83.333; faults: min(3·5, 12) = 12.
        $result = $this->technique(['joints' => 3, 'skin' => 2], ['cut', 'cut', 'cut'])->first();
        self::assertEqualsWithDelta(100 * 2.5 / 3 - 12, $result['components'][0]['score'], 1e-9);
        self::assertEqualsWithDelta([100 / 6, 12], array_column($result['reasons'], 'lost'), 1e-9);
        self::assertStringContainsString('marked 3 times, 5 a mark, at most 12', $result['reasons'][1]['text']);
    }

    public function testAJudgedComponentDoesNotGoBelowNothing(): void
    {
        $result = $this->technique(['joints' => 0, 'skin' => 0], ['cut'])->first();
        self::assertSame(0.0, (float) $result['components'][0]['score']);
        self::assertEqualsWithDelta(100.0, array_sum(array_column($result['reasons'], 'lost')), 1e-9);
    }

    public function testADefectExcusesWhatItSpoils(): void
    {
        $excused = $this->technique(['skin' => 2], [], ['defects' => ['torn'], 'ap' => 1800, 'right' => 300])->first();
        self::assertSame(['excused', 'within'], array_column($excused['pieces'], 'verdict'));
        self::assertSame(['scored', 100.0], [$excused['components'][0]['state'], (float) $excused['components'][0]['score']]);

        $pairs = Package::plain('pairs', tolerance: 0.06, fade: 1.0)->with(self::torn(...))->attempt('a', ['ap' => 1800, 'defects' => ['torn'], 'right' => 300])->first();
        self::assertSame('dropped', $pairs['components'][0]['state']);
        $yield = Package::plain('yield', floor: 0.0, target: 1.0)->with(self::torn(...))->attempt('a', ['ap' => 1000, 'defects' => ['torn'], 'left' => 200, 'right' => 300])->first();
        self::assertEqualsWithDelta(50.0, $yield['components'][0]['score'], 1e-9);
    }

    public function testCapsInForceAreListedWhetherOrNotTheyBite(): void
    {
        $grade = fn(array $levels, array $faults, array $fields = []): array => array_intersect_key(
            $this->technique($levels, $faults, ['clock' => [0 => 'start', 1801 => 'stop']] + self::WEIGHED, $fields)->first(),
            ['total' => 1, 'band' => 1, 'caps' => 1],
        );
        self::assertSame(['total' => 70.0, 'band' => 'Merit', 'caps' => ['over_limit']], $grade(['joints' => 4, 'skin' => 2], []));
        self::assertSame(['total' => 59.0, 'band' => 'Refer', 'caps' => ['critical', 'resit', 'over_limit']], $grade(['joints' => 4, 'skin' => 2], ['chip'], ['resit' => true]));
        self::assertSame(['total' => 33.3, 'band' => 'Refer', 'caps' => ['over_limit']], $grade(['joints' => 2, 'skin' => 0], []));
    }

    /** 59.95 in binary is a little less than 59.95: it must still round to 60.0, and so pass. */
    public function testATotalRoundsOnceAndHalfUp(): void
    {
        $result = Package::plain('yield', floor: 0.0, target: 1.0)->attempt('a', ['ap' => 2000, 'left' => 1000, 'right' => 199])->first();
        self::assertSame([60.0, 'Pass'], [$result['total'], $result['band']]);
        $result = Package::plain('yield', floor: 0.0, target: 1.0)->attempt('a', ['ap' => 2000, 'left' => 1000, 'right' => 198.999])->first();
        self::assertSame([59.9, 'Refer'], [$result['total'], $result['band']]);
    }

    public function testBorderlineNamesWhatWouldChangeTheBand(): void
    {
        $result = $this->technique(['joints' => 2, 'skin' => 2], [])->first();
        self::assertEqualsWithDelta(200 / 3, $result['total'], 0.05);
        self::assertSame([
            ['cause' => 'level:joints-1', 'band' => 'Refer'], ['cause' => 'level:joints+1', 'band' => 'Merit'], ['cause' => 'level:skin-1', 'band' => 'Refer'],
        ], $result['borderline']);

        $byRule = Package::plain('portion', fade: 0.02)->attempt('a', ['ap' => 1800, 'left' => 269, 'right' => 300])->first();
        self::assertContains(['cause' => 'decision:strict', 'band' => 'Refer'], $byRule['borderline']);
        self::assertSame(0.0, (float) $byRule['reasons'][0]['lost']);
        self::assertStringContainsString('benefit of the doubt', $byRule['reasons'][0]['text']);
    }

    public function testStatus(): void
    {
        self::assertSame('void', Package::shipped()->attempt('a', [])->first()['status']);
        self::assertSame('void', Package::shipped()->attempt('a', ['clock' => [0 => 'start', 9 => 'stop']])->first()['status']);
        self::assertSame('provisional', Package::shipped()->attempt('a', ['ap' => 1800])->first()['status']);
    }

    private static function torn(\stdClass $document): void
    {
        $document->standard->defects = [(object) ['id' => 'torn', 'excuses' => ['piece:left']]];
    }

    /**
     * @param array<string, int>   $levels
     * @param list<string>         $faults
     * @param array<string, mixed> $of
     * @param array<string, mixed> $fields
     */
    private function technique(array $levels, array $faults, array $of = self::WEIGHED, array $fields = []): Package
    {
        return Package::plain('technique')->with(static function (\stdClass $it): void {
            $steps = static fn(int $most): array => array_map(static fn(int $points): \stdClass => (object) ['points' => $points, 'text' => "step $points"], range(0, $most));
            $it->standard->criteria = [
                (object) ['id' => 'joints', 'component' => 'technique', 'weight' => 2, 'levels' => $steps(4)],
                (object) ['id' => 'skin', 'component' => 'technique', 'weight' => 1, 'levels' => $steps(2)],
            ];
            $it->standard->faults = [
                (object) ['id' => 'cut', 'component' => 'technique', 'deduct' => 5, 'max' => 12],
                (object) ['id' => 'chip', 'component' => 'technique', 'deduct' => 1, 'max' => 1, 'critical' => true],
            ];
            $it->standard->defects = [(object) ['id' => 'torn', 'excuses' => ['piece:left', 'criterion:joints']]];
        })->attempt('a', ['levels' => $levels, 'faults' => $faults] + $of, $fields);
    }
}
