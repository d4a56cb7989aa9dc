<?php

declare(strict_types=1);

namespace Tests\Scale;

use DeftBlade\BenchScale\BenchScale;
use DeftBlade\Core\Weighing\ScaleReport;
use DeftBlade\Core\Weighing\ScaleStatus;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The simulated scale, read through the core as a real one is: its clock is given, nothing waits. */
final class BenchScaleTest extends TestCase
{
    private BenchScale $scale;

    protected function setUp(): void
    {
        $this->scale = new BenchScale(new Randomizer(new Mt19937(1)));
    }

    public function testSettlesInAboutASecondOnTheNearestDivision(): void
    {
        $this->scale->put(267_400, 10.0);
        self::assertSame(ScaleStatus::InMotion, $this->read(10.05)->status);
        self::assertSame(ScaleStatus::InMotion, $this->read(10.5)->status);
        foreach ([12.0, 12.1, 15.0, 60.0] as $second) {
            self::assertSame([ScaleStatus::Stable, 267_000], [$this->read($second)->status, $this->read($second)->mass?->mg]);
        }
        $this->scale->clear(61.0);
        self::assertSame(ScaleStatus::StableAtZero, $this->read(65.0)->status);
    }

    public function testTaresZeroesAndKnowsWhatIsBelowThem(): void
    {
        $this->scale->put(400_000, 0.0);
        $this->scale->tare();
        self::assertSame(ScaleStatus::StableAtZero, $this->read(5.0)->status);
        $this->scale->put(650_000, 6.0);
        self::assertSame(250_000, $this->read(12.0)->mass?->mg);
        $this->scale->clear(13.0);
        self::assertSame(ScaleStatus::UnderZero, $this->read(18.0)->status);
        $this->scale->zero();
        self::assertSame(ScaleStatus::StableAtZero, $this->read(18.1)->status);
        $this->scale->put(2_000_000, 20.0);
        $this->scale->zero();
        self::assertSame(2_000_000, $this->read(30.0)->mass?->mg, 'a load beyond the zero range is not zeroed away');
    }

    public function testRefusesMoreThanItsCapacity(): void
    {
        $this->scale->put(6_000_000, 0.0);
        self::assertSame(6_000_000, $this->read(9.0)->mass?->mg);
        $this->scale->put(6_010_000, 10.0);
        self::assertSame(ScaleStatus::OverLimit, $this->read(19.0)->status);
    }

    private function read(float $second): ScaleReport
    {
        return ScaleReport::decode($this->scale->read($second)->report());
    }
}
