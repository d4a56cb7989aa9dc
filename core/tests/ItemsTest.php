<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Tests\Support\Refused;
use DeftBlade\Core\Trends\Items;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Which criteria tell students apart, by hand and by other ways to say the same. */
final class ItemsTest extends TestCase
{
    public function testThreeStudentsByHand(): void
    {
        // Joints 0, 5, 10 of 10; skin 2, 4, 3 of 4. Sums of the others: 2, 4, 3 and 0, 5, 10.
        $answer = self::answer([[0, 2], [5, 4], [10, 3]]);
        self::assertSame([3, 0.5, 3, 0.75], [$answer['criteria'][0]['n'], $answer['criteria'][0]['difficulty'], $answer['criteria'][1]['n'], $answer['criteria'][1]['difficulty']]);
        // Both deviate (−5, 0, 5) and (−1, 1, 0): the covariance is 2.5, the variances 25 and 1.
        self::assertEqualsWithDelta(0.5, $answer['criteria'][0]['discrimination'], 1e-12);
        // Sums 2, 9, 13: variance 31. 2 · (1 − 26/31).
        self::assertEqualsWithDelta(2 * (1 - 26 / 31), $answer['alpha'], 1e-12);
    }

    public function testAGapCountsForItsOwnCriterionOnly(): void
    {
        $answer = self::answer([[0, 2], [5, 4], [10, 3], [10, null]]);
        self::assertSame([4, 0.625, 3], [$answer['criteria'][0]['n'], $answer['criteria'][0]['difficulty'], $answer['criteria'][1]['n']]);
        self::assertEqualsWithDelta(0.5, $answer['criteria'][0]['discrimination'], 1e-12, 'over those with no gap');
    }

    public function testWhatCannotBeSaidIsNull(): void
    {
        self::assertSame(['criteria' => [['id' => 'joints', 'n' => 0, 'difficulty' => null, 'discrimination' => null], ['id' => 'skin', 'n' => 0, 'difficulty' => null, 'discrimination' => null]], 'alpha' => null], self::answer([]));
        $few = self::answer([[0, 2], [5, 4]]);
        self::assertSame([null, null], [$few['criteria'][0]['discrimination'], $few['alpha']]);
        $same = self::answer([[5, 2], [5, 2], [5, 2]]);
        self::assertSame([null, null], [$same['criteria'][0]['discrimination'], $same['alpha']], 'nobody differs from anybody');
        self::assertNull(self::answer([[1], [2], [3]], [10])['alpha'], 'one criterion does not hang together with itself');
    }

    /** G. Kuder and M. Richardson, The theory of the estimation of test reliability (1937): of items that are met or not, alpha is formula 20, k/(k−1) · (1 − Σpq/σ²). */
    public function testOfItemsThatAreMetOrNotItIsFormulaTwenty(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        for ($run = 0; $run < 100; $run++) {
            $k = $random->getInt(2, 8);
            $attempts = array_map(static fn(): array => array_map(static fn(): int => $random->getInt(0, 1), range(1, $k)), range(1, $random->getInt(4, 30)));
            $n = count($attempts);
            $sums = array_map(array_sum(...), $attempts);
            $mean = array_sum($sums) / $n;
            $variance = array_sum(array_map(static fn(int $it): float => ($it - $mean) ** 2, $sums)) / $n;
            $pq = array_sum(array_map(static fn(int $it): float => ($p = array_sum(array_column($attempts, $it)) / $n) * (1 - $p), range(0, $k - 1)));
            $alpha = self::answer($attempts, array_fill(0, $k, 1))['alpha'];
            $variance > 0 ? self::assertEqualsWithDelta($k / ($k - 1) * (1 - $pq / $variance), $alpha, 1e-9) : self::assertNull($alpha);
        }
    }

    /** Two criteria that say the same thing in other points hang together wholly, and each tells the other. */
    public function testTwoThatSayTheSame(): void
    {
        $answer = self::answer([[1, 1], [2, 2], [4, 4]]);
        self::assertEqualsWithDelta(1.0, $answer['alpha'], 1e-12);
        self::assertEqualsWithDelta(1.0, $answer['criteria'][1]['discrimination'], 1e-12);
        self::assertEqualsWithDelta(-1.0, self::answer([[1, 4], [2, 3], [4, 1]])['criteria'][0]['discrimination'], 1e-12);
    }

    public function testRefusesPointsThatCannotBe(): void
    {
        self::assertStringStartsWith('attempts[0][1]: ', (string) Refused::orNull(static fn(): array => self::answer([[0, 5]])));
        self::assertStringStartsWith('attempts[0]: has 1 items where 2 belong', (string) Refused::orNull(static fn(): array => self::answer([[0]])));
    }

    /**
     * @param list<list<int|null>> $attempts
     * @param list<int>            $max
     *
     * @return array<string, mixed>
     */
    private static function answer(array $attempts, array $max = [10, 4]): array
    {
        $ids = ['joints', 'skin', 'board', 'knife', 'seams', 'trim', 'tenders', 'keel'];
        $criteria = array_map(static fn(int $it, string $id): \stdClass => (object) ['id' => $id, 'max' => $it], $max, array_slice($ids, 0, count($max)));

        return Items::read(Node::of((object) ['format' => 'deft-blade.items/1', 'criteria' => $criteria, 'attempts' => $attempts]))->answer();
    }
}
