<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two assessors of one tray, worked by hand: one criterion of four levels, worth 0, 4, 8 and 10 points, and one of two, of equal weight. */
final class RoundsTest extends TestCase
{
    /**
     * @param array<string, array<string, int>> $given
     * @param float|null                        $score null where something is to be agreed, or not judged
     */
    #[DataProvider('cases')]
    public function testWhatTwoLevelsComeTo(string $combine, int $tolerance, array $given, ?float $score): void
    {
        $result = self::tray($given, ['tolerance_levels' => $tolerance, 'combine' => $combine])->first();
        self::assertSame([$score, $score === null ? 'pending' : 'scored'], [$result['components'][0]['score'] === null ? null : (float) $result['components'][0]['score'], $result['components'][0]['state']]);
    }

    /** @return array<string, array{string, int, array<string, array<string, int>>, float|null}> */
    public static function cases(): array
    {
        $both = ['levels' => ['joint' => 1, 'board' => 1], 'second' => ['joint' => 2, 'board' => 1]];
        $apart = ['levels' => ['joint' => 0, 'board' => 1], 'second' => ['joint' => 3, 'board' => 1]];

        return [
            'the mean of the points: 4 and 8 are 6 of 10, and 10 of 10' => ['mean', 1, $both, 80.0],
            'the first' => ['first', 1, $both, 70.0],
            'the lower' => ['lower', 1, $both, 70.0],
            'the higher' => ['higher', 1, $both, 90.0],
            'one level apart where none is allowed' => ['mean', 0, $both, null],
            'three levels apart where one is allowed' => ['mean', 1, $apart, null],
            'three levels apart where three are allowed' => ['mean', 3, $apart, 75.0],
            'agreed, however far apart they lie' => ['mean', 1, $apart + ['agreed' => ['joint' => 2]], 90.0],
            'agreed on what one of them gave' => ['mean', 1, $both + ['agreed' => ['joint' => 1]], 70.0],
            'the same level twice' => ['mean', 0, ['levels' => ['joint' => 2, 'board' => 1], 'second' => ['joint' => 2]], 90.0],
            'only a second one' => ['lower', 1, ['levels' => ['board' => 1], 'second' => ['joint' => 2]], 90.0],
            'only an agreed one' => ['mean', 1, ['levels' => ['board' => 1], 'agreed' => ['joint' => 1]], 70.0],
            'a criterion nobody judged' => ['mean', 1, ['levels' => ['joint' => 2], 'second' => ['joint' => 2]], null],
        ];
    }

    public function testWithoutModerationTheFirstHolds(): void
    {
        $given = ['levels' => ['joint' => 0, 'board' => 1], 'second' => ['joint' => 3, 'board' => 0]];
        self::assertSame(50.0, (float) self::tray($given, null)->first()['components'][0]['score']);
        self::assertSame(self::tray(['levels' => $given['levels']], null)->first()['reasons'], self::tray($given, null)->first()['reasons']);
    }

    public function testTheReasonSaysBothLevelsAndWhatWasMadeOfThem(): void
    {
        $reasons = static fn(string $combine, array $given): array => array_column(self::tray($given, ['tolerance_levels' => 3, 'combine' => $combine])->first()['reasons'], 'text');
        $both = ['levels' => ['joint' => 1, 'board' => 1], 'second' => ['joint' => 2, 'board' => 1]];
        self::assertSame(['Joint: step 2 and step 3 of 4 were given; the mean of both counts'], $reasons('mean', $both));
        self::assertSame(['Joint: step 2 and step 3 of 4 were given; the lower counts'], $reasons('lower', $both));
        self::assertSame(['Joint: step 3 of 4, “nearly”, agreed after step 2 and step 4'], $reasons('mean', ['second' => ['joint' => 3]] + $both + ['agreed' => ['joint' => 2]]));
    }

    public function testWhatIsToBeAgreedIsSaid(): void
    {
        $result = self::tray(['levels' => ['joint' => 0, 'board' => 1], 'second' => ['joint' => 3, 'board' => 1]], ['tolerance_levels' => 1, 'combine' => 'mean'])->first();
        self::assertSame(['provisional', null], [$result['status'], $result['total']]);
        self::assertSame(['Joint: step 1 and step 4 of 4 lie too far apart; the assessors must agree.'], array_column($result['remarks'], 'text'));
    }

    public function testALaterLevelOfTheSameRoundReplacesTheEarlierAndAVoidRestoresIt(): void
    {
        $package = self::tray(['levels' => ['joint' => 1, 'board' => 1], 'second' => ['joint' => 2, 'board' => 1]], ['tolerance_levels' => 3, 'combine' => 'higher']);
        $before = $package->grade();
        $late = static fn(string $id, array $of): \stdClass => (object) (['id' => $id, 'at' => '2027-01-01T00:00:00Z', 'by' => 'teodor'] + $of);
        $captures = &$package->document->attempts[0]->captures;
        $captures[] = $late('l', ['kind' => 'level', 'criterion' => 'joint', 'level' => 3, 'round' => 'second']);
        self::assertSame(100.0, (float) $package->first()['components'][0]['score']);
        $captures[] = $late('v', ['kind' => 'void', 'target' => 'l', 'reason' => 'The wrong tray']);
        self::assertSame($before, $package->grade());
    }

    public function testBorderlineAsksWhatEitherOfTheTwoWouldHaveMade(): void
    {
        $policy = ['tolerance_levels' => 3, 'combine' => 'mean'];
        $package = self::tray(['levels' => ['joint' => 1, 'board' => 1], 'second' => ['joint' => 2, 'board' => 1]], $policy)
            ->with(static fn(\stdClass $it) => $it->policy->bands = [(object) ['min' => 85, 'label' => 'Pass'], (object) ['min' => 0, 'label' => 'Refer']]);
        $result = $package->first();
        self::assertSame(['Refer', 80.0], [$result['band'], (float) $result['total']]);
        // The higher of the two would make 90; the board one step lower only takes points away.
        self::assertSame([['cause' => 'level:joint+1', 'band' => 'Pass']], $result['borderline']);
    }

    /** @param array<string, array<string, int>> $given */
    #[DataProvider('farFromTheNextBand')]
    public function testBorderlineAsksNoStepThatNobodyWasNearTo(array $given): void
    {
        $bands = [(object) ['min' => 95, 'label' => 'Pass'], (object) ['min' => 0, 'label' => 'Refer']];
        $result = self::tray($given, ['tolerance_levels' => 3, 'combine' => 'mean'])->with(static fn(\stdClass $it) => $it->policy->bands = $bands)->first();
        self::assertSame(['Refer', []], [$result['band'], $result['borderline']]);
    }

    /** @return array<string, array{array<string, array<string, int>>}> */
    public static function farFromTheNextBand(): array
    {
        return [
            'the higher was the first of the two: a step above it is neither' => [['levels' => ['joint' => 2, 'board' => 1], 'second' => ['joint' => 1, 'board' => 1]]],
            'the level agreed holds, whatever was given before' => [['levels' => ['joint' => 0, 'board' => 1], 'second' => ['joint' => 3, 'board' => 1], 'agreed' => ['joint' => 1]]],
        ];
    }

    public function testEarlierFormatsKnowNoRounds(): void
    {
        foreach (['second' => ['second' => ['joint' => 2]], 'policy' => []] as $what => $given) {
            $package = self::tray(['levels' => ['joint' => 1, 'board' => 1]] + $given, $what === 'policy' ? ['tolerance_levels' => 1, 'combine' => 'mean'] : null);
            $package->document->format = 'deft-blade.assessment/3';
            self::assertStringContainsString('deft-blade.assessment/4', (string) Refused::orNull(static fn(): array => $package->grade()));
        }
    }

    /**
     * @param array<string, array<string, int>>                  $given
     * @param array{tolerance_levels: int, combine: string}|null $moderation
     */
    private static function tray(array $given, ?array $moderation): Package
    {
        $levels = static fn(array $points): array => array_map(static fn(int $it, string $text): \stdClass => (object) ['points' => $it, 'text' => $text], array_keys($points), $points);
        $package = Package::plain('technique')->with(static function (\stdClass $it) use ($levels, $moderation): void {
            $it->format = 'deft-blade.assessment/4';
            $it->standard->criteria = [
                (object) ['id' => 'joint', 'title' => 'Joint', 'component' => 'technique', 'weight' => 1, 'levels' => $levels([0 => 'missed', 4 => 'through bone', 8 => 'nearly', 10 => 'clean'])],
                (object) ['id' => 'board', 'title' => 'Board', 'component' => 'technique', 'weight' => 1, 'levels' => $levels([0 => 'wet', 10 => 'dry'])],
            ];
            if ($moderation !== null) {
                $it->policy->moderation = (object) $moderation;
            }
        });

        return $package->attempt('a', ['ap' => 1000, 'left' => 170, 'right' => 170] + $given);
    }
}
