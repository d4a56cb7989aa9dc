<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Statistics\ChiSquared;
use DeftBlade\Core\Statistics\Gamma;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The distribution of a sum of squares, against the tables every handbook prints. */
final class ChiSquaredTest extends TestCase
{
    /** Critical values of the chi-square distribution, NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.4. */
    #[DataProvider('table')]
    public function testTheTableOfCriticalValues(float $share, int $freedom, float $critical): void
    {
        self::assertSame($critical, round(ChiSquared::quantile($share, $freedom), 3));
        self::assertEqualsWithDelta($share, ChiSquared::below($critical, $freedom), 5e-4, 'the table has three places');
    }

    /** @return array<string, array{float, int, float}> */
    public static function table(): array
    {
        return [
            'upper 5 %, 1' => [0.95, 1, 3.841],
            'upper 5 %, 10' => [0.95, 10, 18.307],
            'upper 1 %, 10' => [0.99, 10, 23.209],
            'lower 5 %, 10' => [0.05, 10, 3.940],
            'lower 1 %, 42' => [0.01, 42, 23.650],
            'upper 5 %, 30' => [0.95, 30, 43.773],
            'upper 2.5 %, 100' => [0.975, 100, 129.561],
        ];
    }

    /** Where it has a closed form: with 2 degrees of freedom 1 − e^(−x/2); with 1 the square of a normal figure. */
    public function testWhereItIsKnown(): void
    {
        foreach ([0.01, 0.5, 1.0, 2.0, 5.99, 20.0, 80.0] as $x) {
            self::assertEqualsWithDelta(1 - exp(-$x / 2), ChiSquared::below($x, 2), 1e-13);
            self::assertEqualsWithDelta(1 - exp(-$x / 2) * (1 + $x / 2), ChiSquared::below($x, 4), 1e-13);
        }
        self::assertEqualsWithDelta(0.6826894921370859, ChiSquared::below(1, 1), 1e-13, 'one standard deviation to either side');
        self::assertSame([0.0, 0.0], [ChiSquared::below(0, 3), ChiSquared::below(-1, 3)]);
    }

    public function testTheGammaFunctionIsTheFactorial(): void
    {
        $factorial = 1;
        foreach (range(1, 20) as $n) {
            $factorial *= $n;
            self::assertEqualsWithDelta(log($factorial), Gamma::log($n + 1), 1e-11);
        }
        self::assertEqualsWithDelta(log(sqrt(M_PI)), Gamma::log(0.5), 1e-13);
    }
}
