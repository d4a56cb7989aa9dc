<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Grading\ScaleCheck;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Weighing\Scale;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A check weight on the scale: what it may be off by, and what is said of trays that were weighed with a scale that was off. */
final class ScaleChecksTest extends TestCase
{
    /**
     * OIML R 76-1:2006, table 6, class III with e = 1 g: 0.5 e to 500 g, 1 e to 2 000 g, 1.5 e from there; 3.5.2: twice that in service. The limit itself is
     * within.
     */
    #[TestWith([500, 500, false, true])]
    #[TestWith([500, 501, false, false])]
    #[TestWith([500, 501, true, true])]
    #[TestWith([500, 499, true, true])]
    #[TestWith([500, 502, true, false])]
    #[TestWith([1000, 1001, false, true])]
    #[TestWith([1000, 1002, true, true])]
    #[TestWith([1000, 997, true, false])]
    #[TestWith([2000, 2002, true, true])]
    #[TestWith([2000, 2003, true, false])]
    #[TestWith([5000, 5003, true, true])]
    #[TestWith([5000, 4996, true, false])]
    public function testIsHeldAgainstThePermissibleErrorOfItsLoad(int $nominalG, int $readingG, bool $inService, bool $isWithin): void
    {
        $check = self::check('k', '08:40', $nominalG, $readingG);
        self::assertSame(($readingG - $nominalG) * 1000, $check->errorMg());
        self::assertSame($isWithin, $check->isWithin(new Scale(1000, $inService, 0.0)));
    }

    public function testATrayWeighedWithAScaleOutOfLimitsSaysSo(): void
    {
        self::assertSame(['The scale was out of limits when this was weighed: the check weight of 1000 g read 1006 g; 2 g either way is permissible there (OIML R 76).'], self::remarksWith(['k1', '08:40', 1000, 1006]));
        self::assertSame([], self::remarksWith(['k1', '08:40', 1000, 1001]), 'within limits');
        self::assertSame([], self::remarksWith(), 'never checked');
    }

    public function testACheckHoldsFromWhenItWasMadeUntilTheNext(): void
    {
        self::assertSame([], self::remarksWith(['k1', '08:40', 1000, 1006], ['k2', '08:50', 1000, 1000]), 'put right before anything was weighed');
        self::assertSame([], self::remarksWith(['k1', '12:00', 1000, 1006]), 'found after everything was weighed');
        self::assertCount(1, self::remarksWith(['k1', '08:40', 1000, 1006], ['k2', '12:00', 1000, 1000]), 'put right too late');
        self::assertCount(1, self::remarksWith(['k2', '08:50', 1000, 1000], ['k1', '08:40', 1000, 1006], ['k3', '08:55', 1000, 994]), 'in any order');
    }

    public function testACheckChangesNoFigure(): void
    {
        $figures = static fn(\stdClass $package): array => array_map(
            static fn(mixed $it): array => [$it->grade->total, $it->grade->band?->label, $it->balance->unaccountedMg],
            Assessment::read(Node::of($package))->grade()->attempts,
        );
        $with = self::package(['k1', '08:40', 1000, 1006]);
        $without = clone $with;
        unset($without->scale_checks);
        self::assertSame($figures($without), $figures($with));
    }

    /** @param array{string, string, int, int} ...$checks id, time, g, g */
    private static function remarksWith(array ...$checks): array
    {
        $result = json_decode(ResultDocument::encode(Assessment::read(Node::of(self::package(...$checks)))->grade()), false, 64, JSON_THROW_ON_ERROR);

        return array_column(array_filter($result->attempts[0]->remarks, static fn(\stdClass $it): bool => $it->code === 'remark.scale_out'), 'text');
    }

    /** @param array{string, string, int, int} ...$checks */
    private static function package(array ...$checks): \stdClass
    {
        return Package::plain('yield', floor: 0.2, target: 0.35)
            ->attempt('a', ['ap' => 1800, 'left' => 300, 'right' => 300])
            ->with(static function (\stdClass $it) use ($checks): void {
                $it->format = 'deft-blade.assessment/3';
                $it->scale_checks = array_map(static fn(array $of): \stdClass => (object) ['id' => $of[0], 'at' => "2026-03-02T{$of[1]}:00Z", 'by' => 'marit', 'nominal_mg' => 1000 * $of[2], 'reading_mg' => 1000 * $of[3]], $checks);
            })->document;
    }

    private static function check(string $id, string $time, int $nominalG, int $readingG): ScaleCheck
    {
        return ScaleCheck::read(Node::of((object) ['id' => $id, 'at' => "2026-03-02T$time:00Z", 'by' => 'marit', 'nominal_mg' => 1000 * $nominalG, 'reading_mg' => 1000 * $readingG], 'check'));
    }
}
