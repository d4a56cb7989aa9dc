<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Planning\Hour;
use DeftBlade\Core\Planning\PanPlace;
use DeftBlade\Core\Planning\ServiceShape;
use DeftBlade\Core\Planning\ServiceTime;
use DeftBlade\Core\Planning\Turn;
use DeftBlade\Core\Planning\WeighIn;
use DeftBlade\Core\Planning\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who presents where on which large pan, worked out by hand. */
final class PanPlaceTest extends TestCase
{
    /**
     * @param list<int> $waves
     * @param string    $places pan and zone of each student
     */
    #[DataProvider('classes')]
    public function testSharesPans(array $waves, int $perPan, string $places): void
    {
        self::assertSame($places, implode(' ', array_map(static fn(PanPlace $it): string => $it->pan.$it->zone->value, PanPlace::share($waves, $perPan))));
    }

    /** @return array<string, array{list<int>, int, string}> */
    public static function classes(): array
    {
        return [
            'two to a pan' => [[1, 1, 1, 1], 2, '1A 1B 2A 2B'],
            'never over two waves' => [[1, 1, 1, 2, 2, 2], 4, '1A 1B 1C 2A 2B 2C'],
            'five on pans of four: nobody is left alone' => [[1, 1, 1, 1, 1], 4, '1A 1B 1C 2A 2B'],
            'seven on pans of three' => [[1, 1, 1, 1, 1, 1, 1], 3, '1A 1B 1C 2A 2B 3A 3B'],
            'one alone in a wave' => [[1, 1, 2], 2, '1A 1B 2A'],
            'a wave again later' => [[1, 2, 1], 2, '1A 2A 3A'],
            'nobody' => [[], 2, ''],
        ];
    }

    public function testPansAreNumberedOnOverTheListsOfAPractical(): void
    {
        self::assertSame([4, 4, 5, 5], array_map(static fn(PanPlace $it): int => $it->pan, PanPlace::share([1, 1, 2, 2], 2, firstPan: 4)));
        self::assertSame([3, 3, 3, 2, 2], array_map(static fn(PanPlace $it): int => $it->of, PanPlace::share([1, 1, 1, 1, 1], 4)));
    }

    /** Whatever the waves: no zone is given twice, no pan holds two waves or more than it may, and pans of a wave differ by one at most. */
    public function testNoZoneIsGivenTwice(): void
    {
        mt_srand(20_261_126);
        for ($round = 0; $round < 300; $round++) {
            $waves = [];
            foreach (range(1, mt_rand(1, 6)) as $wave) {
                array_push($waves, ...array_fill(0, mt_rand(1, 12), $wave));
            }
            $most = mt_rand(2, PanPlace::MOST_TO_A_PAN);
            $places = PanPlace::share($waves, $most);
            self::assertCount(count($waves), $places);
            self::assertCount(count($waves), array_unique(array_map(static fn(PanPlace $it): string => $it->pan.$it->zone->value, $places)));
            $onPan = array_count_values(array_map(static fn(PanPlace $it): int => $it->pan, $places));
            $ofWave = [];
            foreach ($places as $index => $place) {
                self::assertSame($onPan[$place->pan], $place->of);
                self::assertLessThanOrEqual($most, $place->of);
                self::assertSame($ofPan[$round][$place->pan] ??= $waves[$index], $waves[$index], 'a pan holds one wave');
                $ofWave[$waves[$index]][] = $place->of;
            }
            foreach ($ofWave as $sizes) {
                self::assertLessThanOrEqual(1, max($sizes) - min($sizes));
            }
        }
    }

    /** Worked by hand: trays are done at 1 300, 1 500 and 1 700 s; the first two share a pan, which goes to the scale at 1 500 s. */
    public function testAPanGoesToTheScaleWhenTheLastOfItIsDone(): void
    {
        $hour = Hour::of(array_fill(0, 3, new Work(1200, 1800)), 3, 1, 0, 0, 0)->onPans([1, 1]);
        self::assertSame([1500.0, 1500.0, 1700.0], array_map(static fn(Turn $it): float => $it->presentS, $hour->turns));
        // 150 s each at one scale: the second of the pan waits 150 s; the third comes at 1 700 s and waits until 1 800 s.
        $queue = WeighIn::of($hour, 1, new ServiceTime(150, 0, ServiceShape::Fixed)) ?? self::fail('trays come');
        self::assertEqualsWithDelta([(0 + 150 + 100) / 3, 1950.0], [$queue->meanWaitS, $queue->lastS], 1e-9);
    }
}
