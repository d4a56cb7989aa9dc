<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Statistics\Normal;
use PHPUnit\Framework\TestCase;

final class NormalTest extends TestCase
{
    /** Abramowitz and Stegun, Handbook of Mathematical Functions, table 26.1. */
    public function testDistributionAgainstTheHandbook(): void
    {
        foreach (['0.0' => 0.5, '0.5' => 0.691462461274, '1.0' => 0.841344746069, '1.5' => 0.933192798731, '2.0' => 0.977249868052, '3.0' => 0.998650101968] as $z => $p) {
            self::assertEqualsWithDelta($p, Normal::below((float) $z), 1e-12);
            self::assertEqualsWithDelta(1 - $p, Normal::below(-(float) $z), 1e-12);
        }
        self::assertEqualsWithDelta(7.61985302416e-24, Normal::below(-10.0), 1e-31);
    }

    /** NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.1, and the usual percentage points to six places. */
    public function testQuantileAgainstPublishedPercentagePoints(): void
    {
        foreach (['0.80' => 0.841621, '0.90' => 1.281552, '0.95' => 1.644854, '0.975' => 1.959964, '0.99' => 2.326348, '0.995' => 2.575829, '0.999' => 3.090232] as $p => $z) {
            self::assertEqualsWithDelta($z, Normal::quantile((float) $p), 5e-7);
            self::assertEqualsWithDelta((float) $p, Normal::below(Normal::quantile((float) $p)), 1e-14);
        }
    }

    /** JCGM 106:2012, clause 7: the worked conformance probabilities 0.92 (one limit) and 0.66 (two limits); figures from memory of the guide. */
    public function testConformanceProbabilitiesOfTheGuide(): void
    {
        self::assertSame(0.92, round(Normal::below((-5.40 + 5.47) / 0.05), 2));
        self::assertSame(0.66, round(Normal::below((16.3 - 13.6) / 1.8) - Normal::below((12.5 - 13.6) / 1.8), 2));
    }

    public function testNoQuantileOfTheImpossible(): void
    {
        $this->expectException(\DomainException::class);
        Normal::quantile(1.0);
    }
}
