<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Practice\Improvement;
use DeftBlade\Core\Practice\Regrade;
use DeftBlade\Core\Practice\WorthMost;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\TestCase;

/** Points that a student could have are those the core gives when that one thing is better: every expectation here is a whole class graded anew. */
final class WorthMostTest extends TestCase
{
    private const TRAY = [
        'ap' => 1850, 'breast.left' => 330, 'breast.right' => 331, 'thigh.left' => 150, 'thigh.right' => 262, 'drumstick.left' => 180, 'drumstick.right' => 181, 'wing.left' => 85, 'wing.right' => 86,
        'scrape' => 30, 'faults' => ['sawing', 'sawing', 'oyster-missing'], 'clock' => [0 => 'start', 2_400 => 'stop'],
    ];

    public function testALevelUpGivesWhatTheClassGradedWithThatLevelGives(): void
    {
        $levels = self::levels(1);
        $improvement = self::improvementsOf(['levels' => $levels] + self::TRAY)['criterion wing-joint'];
        self::assertEqualsWithDelta(self::total(['levels' => ['wing-joint' => 2] + $levels] + self::TRAY) - self::total(['levels' => $levels] + self::TRAY), $improvement->points, 1e-9);
        self::assertSame(self::standard()->criteria[0]->levels[2]->text, $improvement->next);
    }

    public function testAFaultLessAnotherWeightAnEmptierFrameAndLessTimeEachGiveWhatTheirClassGives(): void
    {
        $tray = ['levels' => self::levels(2)] + self::TRAY;
        $found = self::improvementsOf($tray);
        $standard = self::standard();
        foreach ([
            'fault sawing' => ['faults' => ['oyster-missing']],
            'piece thigh.right' => ['thigh.right' => 1850 * self::middle('thigh.right')],
            'frame' => ['scrape' => $standard->frame->clean_mg / 1000],
            'time' => ['clock' => [0 => 'start', $standard->time->standard_ms / 1000 => 'stop']],
        ] as $about => $better) {
            self::assertArrayHasKey($about, $found);
            self::assertEqualsWithDelta(self::total($better + $tray) - self::total($tray), $found[$about]->points, 1e-3, $about);
            self::assertGreaterThan(0, $found[$about]->points);
        }
    }

    public function testUnderACapOnlyWhatLiftsItGivesAnything(): void
    {
        $standard = self::standard();
        $critical = array_values(array_filter($standard->faults, static fn(\stdClass $it): bool => $it->critical ?? false))[0]->id;
        $found = self::improvementsOf(['levels' => self::levels(4), 'faults' => [$critical], 'clock' => [0 => 'start', 600 => 'stop']] + self::TRAY);
        self::assertSame("fault $critical", array_key_first($found));
        self::assertCount(1, $found);
    }

    public function testTheTopLevelHasNoNext(): void
    {
        $top = count(self::standard()->criteria[0]->levels) - 1;
        self::assertArrayNotHasKey('criterion wing-joint', self::improvementsOf(['levels' => self::levels($top)] + self::TRAY));
    }

    public function testOverSeveralTriesWhatComesBackIsWorthMoreThanWhatHappenedOnce(): void
    {
        $once = self::regrade(['levels' => ['wing-joint' => 1, 'wishbone' => 2] + self::levels(4)] + self::TRAY);
        $often = self::regrade(['levels' => ['wing-joint' => 2] + self::levels(4)] + self::TRAY);
        $worth = [];
        $tries = [self::regrade(['levels' => self::levels(0)] + self::TRAY), $often, $once, $often];
        foreach (WorthMost::among(array_map(static fn(Regrade $it): array => $it->improvements(), $tries)) as $it) {
            $worth[$it->latest->about()->key()] = $it;
        }
        self::assertLessThanOrEqual(3, count($worth));
        $points = array_column($worth, 'points');
        $sorted = $points;
        rsort($sorted);
        self::assertSame($sorted, $points);
        foreach ($worth as $about => $it) {
            // The first of the four is too long ago.
            $each = array_map(static fn(Regrade $try): float => (self::byAbout($try->improvements())[$about] ?? null)->points ?? 0.0, [$often, $once, $often]);
            self::assertEqualsWithDelta(array_sum($each) / 3, $it->points, 1e-9);
            self::assertSame([count(array_filter($each)), 3], [$it->times, $it->tries]);
        }
        self::assertSame([], WorthMost::among([]));
    }

    /** @return array<string, int> of all criteria the same */
    private static function levels(int $level): array
    {
        $levels = [];
        foreach (self::standard()->criteria as $it) {
            $levels[$it->id] = min($level, count($it->levels) - 1);
        }

        return $levels;
    }

    private static function standard(): \stdClass
    {
        return Package::shipped()->document->standard;
    }

    private static function middle(string $piece): float
    {
        $window = Assessment::read(Node::of(Package::shipped()->document))->standard->cuts->pieces[$piece]->window;

        return ($window->low + $window->high) / 2;
    }

    /** @param array<string, mixed> $of */
    private static function regrade(array $of): Regrade
    {
        return Regrade::of(Node::of(Package::shipped()->attempt('a', $of)->document));
    }

    /**
     * @param array<string, mixed> $of
     *
     * @return array<string, Improvement>
     */
    private static function improvementsOf(array $of): array
    {
        return self::byAbout(self::regrade($of)->improvements());
    }

    /**
     * @param list<Improvement> $improvements
     *
     * @return array<string, Improvement>
     */
    private static function byAbout(array $improvements): array
    {
        return array_column(array_map(static fn(Improvement $it): array => [$it->about()->key(), $it], $improvements), 1, 0);
    }

    /** @param array<string, mixed> $of */
    private static function total(array $of): float
    {
        return (float) Assessment::read(Node::of(Package::shipped()->attempt('a', $of)->document))->grade()->attempts[0]->grade->held();
    }
}
