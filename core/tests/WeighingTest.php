<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\Refused;
use DeftBlade\Core\Weighing\InvalidScaleReport;
use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\MassUnit;
use DeftBlade\Core\Weighing\Scale;
use DeftBlade\Core\Weighing\ScaleReport;
use DeftBlade\Core\Weighing\ScaleStatus;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WeighingTest extends TestCase
{
    /** International pound of 1959: 0.453 592 37 kg; ounce: its sixteenth, 28.349 523 125 g (NIST Handbook 44, appendix C). */
    #[DataProvider('typedMasses')]
    public function testReadsWhatAPersonTypes(string $typed, MassUnit $bare, int $mg): void
    {
        self::assertSame($mg, Mass::parse($typed, $bare)->mg);
    }

    /** @return list<array{string, MassUnit, int}> */
    public static function typedMasses(): array
    {
        return [
            ['1.82 kg', MassUnit::Gram, 1_820_000],
            ['1820 g', MassUnit::Ounce, 1_820_000],
            ['1820', MassUnit::Gram, 1_820_000],
            ['1,82kg', MassUnit::Gram, 1_820_000],
            ['4', MassUnit::Pound, 1_814_369],
            ['1 lb', MassUnit::Gram, 453_592],
            ['1 oz', MassUnit::Gram, 28_350],
            ['1000 oz', MassUnit::Gram, 28_349_523],
            ['4 lb 3 oz', MassUnit::Gram, 1_899_418],
            ['4lb 3,5oz', MassUnit::Gram, 1_913_593],
            ['  267.5 G ', MassUnit::Gram, 267_500],
        ];
    }

    #[DataProvider('unreadable')]
    public function testRefusesWhatIsNoMass(string $typed, string $why): void
    {
        self::assertStringContainsString($why, Refused::when(static fn(): Mass => Mass::parse($typed)));
    }

    /** @return list<array{string, string}> */
    public static function unreadable(): array
    {
        return [
            ['', 'is not a weight'], ['abc', 'is not a weight'], ['12 stone', 'is not a weight'], ['1.2.3', 'is not a weight'], ['NaN', 'is not a weight'],
            ['1e9', 'is not a weight'], ['-5 g', 'negative'], ['−5', 'negative'], ['999999999 kg', 'over 1000 kg'],
        ];
    }

    public function testShowsAMassAsAKitchenReadsIt(): void
    {
        $mass = Mass::ofMilligrams(1_899_418);
        self::assertSame(['1899.4 g', '1.899 kg', '67 oz', '4 lb 3 oz'], array_map($mass->format(...), MassUnit::cases()));
    }

    /** OIML R 76-1:2006, table 6, class III: the limits change above 500 e and above 2 000 e; 3.5.2 doubles them in service. */
    public function testPermissibleErrorAtItsBreakpoints(): void
    {
        $atVerification = new Scale(2_000, false, 0.0);
        $inService = new Scale(2_000, true, 0.0);
        foreach ([0 => 0.5, 500 => 0.5, 501 => 1.0, 2_000 => 1.0, 2_001 => 1.5, 10_000 => 1.5] as $divisions => $errorInE) {
            self::assertSame($errorInE * 2_000, $atVerification->maximumPermissibleError($divisions * 2_000));
            self::assertSame(2 * $errorInE * 2_000, $inService->maximumPermissibleError($divisions * 2_000));
        }
    }

    /** JCGM 100:2008, 4.3.7, example: bounds ±0.40 give u = 0.23; F.2.2.1: a reading rounded to δx adds 0.29 δx. */
    public function testUncertaintyAgainstTheWorkedFiguresOfTheGuide(): void
    {
        $scale = new Scale(40_000, true, 0.0);
        $rounding = 2 * (0.29 * 40_000) ** 2;
        self::assertSame(0.23, round(sqrt($scale->standardUncertainty(0) ** 2 - $rounding) / 100_000, 2));
    }

    /**
     * Reports worked out by hand from the USB-IF HID Point of Sale usage tables 1.02, page 0x8D: report id, status 0x71–0x78 as 1–8,
     * unit 0x51–0x5C as 1–12, scaling as a signed power of ten, weight low byte first.
     */
    #[DataProvider('reports')]
    public function testDecodesScaleReports(string $hex, ScaleStatus $status, ?int $mg): void
    {
        $report = ScaleReport::decode((string) hex2bin($hex));
        self::assertSame($status, $report->status);
        self::assertSame($mg, $report->mass?->mg);
    }

    /** @return array<string, array{string, ScaleStatus, ?int}> */
    public static function reports(): array
    {
        return [
            '267 g, stable' => ['030402000b01', ScaleStatus::Stable, 267_000],
            '267.5 g, stable' => ['030402ff730a', ScaleStatus::Stable, 267_500],
            '1.820 kg, stable' => ['030403fd1c07', ScaleStatus::Stable, 1_820_000],
            '65 535 g, stable' => ['03040200ffff', ScaleStatus::Stable, 65_535_000],
            '9.4 oz, stable' => ['03040bff5e00', ScaleStatus::Stable, 266_486],
            '4.01 lb, stable' => ['03040cfe9101', ScaleStatus::Stable, 1_818_905],
            '300 g as 3 × 10²' => ['030402020300', ScaleStatus::Stable, 300_000],
            'zero' => ['030202000000', ScaleStatus::StableAtZero, 0],
            'moving' => ['03030200fa00', ScaleStatus::InMotion, 250_000],
            'fault' => ['030102000000', ScaleStatus::Fault, null],
            'under zero' => ['030502000500', ScaleStatus::UnderZero, null],
            'over limit' => ['030602007017', ScaleStatus::OverLimit, 6_000_000],
            'calibrate' => ['030702000000', ScaleStatus::NeedsCalibration, 0],
            'rezero' => ['030802000000', ScaleStatus::NeedsZeroing, 0],
        ];
    }

    public function testOnlyAStableReadingMayBeTaken(): void
    {
        $taken = array_filter(ScaleStatus::cases(), static fn(ScaleStatus $it): bool => $it->refusal() === null);
        self::assertSame([ScaleStatus::StableAtZero, ScaleStatus::Stable], array_values($taken));
    }

    #[DataProvider('brokenReports')]
    public function testRefusesWhatIsNoReport(string $hex): void
    {
        $this->expectException(InvalidScaleReport::class);
        ScaleReport::decode((string) hex2bin($hex));
    }

    /** @return array<string, array{string}> */
    public static function brokenReports(): array
    {
        return ['short' => ['030402000b'], 'other report' => ['040402000b01'], 'status 9' => ['030902000b01'], 'taels' => ['030405000b01'], 'beyond any scale' => ['030402640b01']];
    }
}
