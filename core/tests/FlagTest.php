<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What stands out about a tray, where a list of trays says so. */
final class FlagTest extends TestCase
{
    private const JUDGED = ['ap' => 1000, 'left' => 170, 'right' => 170, 'stock' => 650, 'scrape' => 10, 'levels' => ['joint' => 2, 'board' => 2]];

    /**
     * @param array<string, mixed> $given
     * @param list<Flag>           $flags
     * @param list<string>         $looks what was said of a second look, in order
     */
    #[DataProvider('trays')]
    public function testATrayIsFlaggedForWhatItIs(array $given, array $flags, array $looks = [], ?int $reading = null): void
    {
        self::assertSame($flags, self::flags($given, $looks, $reading));
    }

    /** @return array<string, array{0: array<string, mixed>, 1: list<Flag>, 2?: list<string>, 3?: int}> */
    public static function trays(): array
    {
        $near = ['levels' => ['joint' => 1, 'board' => 2]] + self::JUDGED;

        return [
            'judged, nowhere near a band' => [self::JUDGED, []],
            'not judged to the end' => [['levels' => ['joint' => 2]] + self::JUDGED, [Flag::Provisional]],
            'a step from another band, judged once' => [$near, [Flag::NotSecondMarked]],
            'a step from another band, judged twice' => [$near + ['second' => ['joint' => 1]], [Flag::Borderline], ['asked', 'finished']],
            'a step from another band, agreed' => [$near + ['agreed' => ['joint' => 1]], [Flag::Borderline]],
            'two levels too far apart' => [self::JUDGED + ['second' => ['joint' => 0]], [Flag::Provisional, Flag::ToAgree], ['asked', 'finished']],
            'a second look asked for' => [self::JUDGED, [Flag::SecondLookOpen], ['asked']],
            'a second look that is finished' => [self::JUDGED, [], ['asked', 'finished']],
            'sixty grams of a kilogram nowhere' => [['stock' => 600] + self::JUDGED, [Flag::OutOfBalance]],
            'a critical fault' => [self::JUDGED + ['faults' => ['raw']], [Flag::Capped]],
            'weighed with a scale that read six grams too much' => [self::JUDGED, [Flag::ScaleOut], [], 1006],
            'weighed with a scale that was right' => [self::JUDGED, [], [], 1000],
        ];
    }

    public function testWeighingAloneTellsOfThree(): void
    {
        $all = array_map(static fn(Flag $it): string => $it->value, Flag::cases());
        self::assertSame(['out_of_balance', 'mix_up', 'scale_out'], Flag::weighedAmong($all));
        self::assertSame(['mix_up'], Flag::weighedAmong(['capped', 'mix_up']));
    }

    /**
     * @param array<string, mixed> $given
     * @param list<string>         $looks
     * @param int|null             $reading of a check weight of 1 000 g before the hour, in grams; null without a check
     *
     * @return list<Flag>
     */
    private static function flags(array $given, array $looks, ?int $reading): array
    {
        $step = static fn(int $points): \stdClass => (object) ['points' => $points, 'text' => "step $points"];
        $package = Package::plain('technique')->with(static function (\stdClass $it) use ($step): void {
            $it->format = PackageFormat::latest()->value;
            $it->standard->criteria = array_map(static fn(string $id): \stdClass => (object) ['id' => $id, 'component' => 'technique', 'weight' => 1, 'levels' => array_map($step, [0, 8, 10])], ['joint', 'board']);
            $it->standard->faults = [(object) ['id' => 'raw', 'component' => 'technique', 'deduct' => 1, 'max' => 1, 'critical' => true]];
            $it->policy->caps = [(object) ['when' => 'critical', 'max' => 50]];
            $it->policy->bands = [(object) ['min' => 60, 'label' => 'Pass'], (object) ['min' => 0, 'label' => 'Refer']];
            $it->policy->moderation = (object) ['tolerance_levels' => 1, 'combine' => 'mean'];
        })->attempt('a', $given);
        foreach ($looks as $index => $event) {
            $package->document->attempts[0]->captures[] = (object) ['id' => "look-$index", 'at' => "2026-03-02T12:0$index:00Z", 'by' => 'marit', 'kind' => 'second_look', 'event' => $event, 'marker' => 'instructor'];
        }
        if ($reading !== null) {
            $package->document->scale_checks = [(object) ['id' => 'check', 'at' => '2026-03-02T08:40:00Z', 'by' => 'marit', 'nominal_mg' => 1_000_000, 'reading_mg' => 1000 * $reading]];
        }

        return Flag::of(Assessment::read(Node::decode($package->json()))->grade()->attempts[0]);
    }
}
