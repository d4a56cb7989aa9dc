<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Statistics\Beta;
use DeftBlade\Core\Statistics\FDistribution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The distribution of the ratio of two variances, against the tables every handbook prints. */
final class FDistributionTest extends TestCase
{
    /** Upper critical values of the F distribution, NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.3. */
    #[DataProvider('table')]
    public function testTheTableOfCriticalValues(float $share, int $above, int $under, float $critical): void
    {
        self::assertSame($critical, round(FDistribution::quantile($share, $above, $under), 3));
        self::assertEqualsWithDelta($share, FDistribution::below($critical, $above, $under), 1e-4, 'the table has three places');
    }

    /** @return array<string, array{float, int, int, float}> */
    public static function table(): array
    {
        return [
            '5 %, 1 and 1' => [0.95, 1, 1, 161.448],
            '5 %, 1 and 10' => [0.95, 1, 10, 4.965],
            '5 %, 5 and 10' => [0.95, 5, 10, 3.326],
            '5 %, 10 and 10' => [0.95, 10, 10, 2.978],
            '5 %, 10 and 20' => [0.95, 10, 20, 2.348],
            '1 %, 5 and 10' => [0.99, 5, 10, 5.636],
            '1 %, 10 and 20' => [0.99, 10, 20, 3.368],
            '10 %, 5 and 10' => [0.90, 5, 10, 2.522],
        ];
    }

    /** Where the integral has a closed form: I_x(1, b) = 1 − (1 − x)^b, I_x(a, 1) = x^a, I_x(½, ½) = 2/π · arcsin √x. */
    public function testTheBetaFunctionWhereItIsKnown(): void
    {
        foreach ([0.001, 0.1, 0.35, 0.5, 0.75, 0.999] as $x) {
            foreach ([0.5, 1.0, 2.5, 7.0, 40.0] as $p) {
                self::assertEqualsWithDelta(1 - (1 - $x) ** $p, Beta::regularised($x, 1, $p), 1e-12);
                self::assertEqualsWithDelta($x ** $p, Beta::regularised($x, $p, 1), 1e-12);
                self::assertEqualsWithDelta(1.0, Beta::regularised($x, $p, 3.3) + Beta::regularised(1 - $x, 3.3, $p), 1e-12);
            }
            self::assertEqualsWithDelta(2 / M_PI * asin(sqrt($x)), Beta::regularised($x, 0.5, 0.5), 1e-12);
        }
        self::assertSame([0.0, 1.0, 0.0], [Beta::regularised(0, 2, 3), Beta::regularised(1, 2, 3), FDistribution::below(-1, 2, 3)]);
    }

    /** F with 1 and m degrees of freedom is the square of Student's t: t(0.975; 5) = 2.571, t(0.975; 30) = 2.042. */
    public function testItHoldsStudentsTable(): void
    {
        self::assertSame([2.571, 2.042], array_map(static fn(int $m): float => round(sqrt(FDistribution::quantile(0.95, 1, $m)), 3), [5, 30]));
    }
}
