<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Grading\MarkedTray;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Grading\TwiceCause;
use DeftBlade\Core\Grading\WhomToMarkTwice;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WhomToMarkTwiceTest extends TestCase
{
    public function testSaysOfEachTrayEveryCause(): void
    {
        $list = self::list(0.0, [
            new MarkedTray('plain', 'Pass', false, false, ['marit']),
            new MarkedTray('near', 'Pass', true, false, ['marit']),
            new MarkedTray('low', 'Refer', true, true, ['marit', 'noor']),
            new MarkedTray('new', null, false, false, ['noor']),
        ]);
        self::assertSame([
            'near' => [TwiceCause::Borderline],
            'low' => [TwiceCause::Borderline, TwiceCause::LowestBand, TwiceCause::Capped, TwiceCause::InTraining],
            'new' => [TwiceCause::InTraining],
        ], $list);
    }

    public function testOneBandIsNotTheLowest(): void
    {
        self::assertSame([], self::list(0.0, self::plain(2), bands: [(object) ['label' => 'Pass', 'min' => 0]]));
    }

    #[DataProvider('shares')]
    public function testDrawsAShareOfTheClass(float $share, int $trays, int $drawn): void
    {
        self::assertCount($drawn, self::list($share, self::plain($trays)));
    }

    /** @return array<string, array{float, int, int}> */
    public static function shares(): array
    {
        return ['none' => [0, 12, 0], 'a started tenth is a whole one' => [0.1, 12, 2], 'three of thirty, not four' => [0.1, 30, 3], 'all' => [1, 7, 7], 'of nobody' => [0.5, 0, 0]];
    }

    public function testTheDrawFollowsFromTheSeedAndTheIdsAlone(): void
    {
        $trays = self::plain(40);
        $names = static fn(array $list): array => array_keys($list);
        $drawn = $names(self::list(0.25, $trays));
        self::assertEqualsCanonicalizing($drawn, $names(self::list(0.25, array_reverse($trays))));
        $marked = array_map(static fn(MarkedTray $it): MarkedTray => new MarkedTray($it->id, 'Pass', true, false, ['noor']), $trays);
        self::assertEqualsCanonicalizing($drawn, $names(array_filter(self::list(0.25, $marked), static fn(array $it): bool => in_array(TwiceCause::Drawn, $it, true))), 'what a tray came to does not move the draw');
        self::assertNotEqualsCanonicalizing($drawn, $names(self::list(0.25, $trays, 'another practical')));
    }

    public function testEveryTrayIsDrawnAboutAsOften(): void
    {
        $times = array_fill_keys(array_map(static fn(MarkedTray $it): string => $it->id, self::plain(10)), 0);
        for ($seed = 0; $seed < 2000; $seed++) {
            foreach (array_keys(self::list(0.2, self::plain(10), "practical $seed")) as $id) {
                $times[$id]++;
            }
        }
        // Binomial, n = 2000, p = 0.2: mean 400, sd 17.9; five sd either way.
        self::assertGreaterThan(310, min($times));
        self::assertLessThan(490, max($times));
    }

    /**
     * @param list<MarkedTray>     $trays
     * @param list<\stdClass>|null $bands null for two of them
     *
     * @return array<string, non-empty-list<TwiceCause>>
     */
    private static function list(float $share, array $trays, string $seed = 'practical', ?array $bands = null): array
    {
        $policy = Package::plain('technique')->with(static function (\stdClass $it) use ($share, $bands): void {
            $it->policy->bands = $bands ?? [(object) ['label' => 'Pass', 'min' => 60], (object) ['label' => 'Refer', 'min' => 0]];
            $it->policy->moderation = (object) ['tolerance_levels' => 1, 'combine' => 'mean', 'share' => $share];
        })->document->policy;

        return (new WhomToMarkTwice(Policy::read(Node::of($policy, 'policy')), ['noor'], $seed))->among($trays);
    }

    /** @return list<MarkedTray> */
    private static function plain(int $count): array
    {
        return array_map(static fn(int $it): MarkedTray => new MarkedTray("tray-$it", 'Pass', false, false, ['marit']), $count === 0 ? [] : range(1, $count));
    }
}
