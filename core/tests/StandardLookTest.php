<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Trends\Finding;
use DeftBlade\Core\Trends\FindingKind;
use DeftBlade\Core\Trends\JudgedTray;
use DeftBlade\Core\Trends\StandardLook;
use PHPUnit\Framework\TestCase;

/** What marked trays say of the standard they were marked by. */
final class StandardLookTest extends TestCase
{
    private const TRAYS = 40;

    public function testFindsWhatWasPutIn(): void
    {
        $standard = self::standard();
        [$easy, $hard, $twin, $other, $apart] = $ids = array_slice(array_map(strval(...), array_keys($standard->criteria)), 0, 5);
        $trays = self::trays(static function (int $tray) use ($ids, $standard): array {
            [$easy, $hard, $twin, $other, $apart] = $ids;
            $top = static fn(string $id): int => count($standard->criteria[$id]->levels) - 1;
            $skill = $tray % 2;

            // The fifth turns against the rest; the first two tell nobody apart.
            return [$easy => $top($easy), $hard => $tray === 0 ? $top($hard) : 0, $twin => $skill * $top($twin), $other => $skill * $top($other), $apart => (1 - $skill) * $top($apart)];
        });
        $look = new StandardLook($standard, $trays);
        $found = array_map(static fn(Finding $it): array => [$it->kind, $it->place, $it->other], $look->findings());
        self::assertContains([FindingKind::CriterionEasy, $easy, null], $found);
        self::assertContains([FindingKind::CriterionHard, $hard, null], $found);
        self::assertContains([FindingKind::CriterionApart, $apart, null], $found);
        $figure = static fn(FindingKind $kind): ?float => (array_values(array_filter($look->findings(), static fn(Finding $it): bool => $it->kind === $kind))[0] ?? null)?->figure;
        self::assertSame(1.0, $figure(FindingKind::CriterionEasy), 'everybody has all of it');
        self::assertEqualsWithDelta(1 / self::TRAYS, $figure(FindingKind::CriterionHard), 1e-12, 'one tray has it');
        self::assertLessThan(-0.9, $figure(FindingKind::CriterionApart), 'it goes down where the rest goes up');
        self::assertContains([FindingKind::CriteriaAlike, $twin, $other], $found);
        self::assertNotContains([FindingKind::CriteriaAlike, $twin, $apart], $found);
        // In the middle nothing was ever given.
        $never = array_filter($look->findings(), static fn(Finding $it): bool => $it->kind === FindingKind::LevelNeverGiven && $it->place === $twin);
        self::assertSame(range(1, count($standard->criteria[$twin]->levels) - 2), array_values(array_map(static fn(Finding $it): ?int => $it->level, $never)));
        self::assertSame([self::TRAYS / 2, self::TRAYS / 2], [$look->given()[$twin][0], $look->given()[$twin][count($standard->criteria[$twin]->levels) - 1]]);
    }

    public function testWindowsAndTimeThatTellNothing(): void
    {
        $standard = self::standard();
        [$always, $hardly, $some] = array_slice(array_map(strval(...), array_keys($standard->cuts->pieces)), 0, 3);
        $trays = array_map(static fn(int $tray): JudgedTray => new JudgedTray([], [], [$always => true, $hardly => $tray < 4, $some => $tray % 2 === 0], 0.9), range(0, self::TRAYS - 1));
        $look = new StandardLook($standard, $trays);
        self::assertSame(
            [[FindingKind::WindowHardlyMet, $hardly, 0.1], [FindingKind::WindowAlwaysMet, $always, 1.0], [FindingKind::TimeNotNeeded, null, 1.0]],
            array_map(static fn(Finding $it): array => [$it->kind, $it->place, $it->figure], $look->findings()),
        );
        self::assertNull($look->items->alpha(), 'no criterion was judged');
        self::assertSame([], $look->items->items());
        $slow = new StandardLook($standard, array_map(static fn(int $tray): JudgedTray => new JudgedTray([], [], [], $tray < 4 ? 1.0 : 1.4), range(0, self::TRAYS - 1)));
        self::assertSame([FindingKind::TimeHardlyMet], array_map(static fn(Finding $it): FindingKind => $it->kind, $slow->findings()));
    }

    public function testOfFewTraysNothingIsFound(): void
    {
        $standard = self::standard();
        $top = static fn(Criterion $it): int => count($it->levels) - 1;
        $trays = self::trays(static fn(int $tray): array => array_map($top, $standard->criteria));
        self::assertSame([], (new StandardLook($standard, array_slice($trays, 0, StandardLook::FEWEST - 1)))->findings());
        self::assertNotSame([], (new StandardLook($standard, array_slice($trays, 0, StandardLook::FEWEST)))->findings());
        self::assertSame([], (new StandardLook($standard, []))->findings());
    }

    /** A criterion that was added last week leaves the others as they were. */
    public function testANewCriterionLeavesNoTrayWithAGap(): void
    {
        $standard = self::standard();
        [$one, $other, $new] = array_slice(array_map(strval(...), array_keys($standard->criteria)), 0, 3);
        $before = self::trays(static fn(int $tray): array => [$one => $tray % 2, $other => $tray % 2]);
        $after = self::trays(static fn(int $tray): array => [$one => $tray % 2, $other => $tray % 2] + ($tray < 5 ? [$new => 1] : []));
        self::assertEquals((new StandardLook($standard, $before))->items->items(), (new StandardLook($standard, $after))->items->items());
    }

    /** Twenty of forty trays are half of them. */
    public function testACriterionIsComparedOnceHalfOfTheTraysAreJudgedByIt(): void
    {
        $standard = self::standard();
        [$one, $late] = array_slice(array_map(strval(...), array_keys($standard->criteria)), 0, 2);
        $compared = static fn(int $judged): int => count((new StandardLook($standard, self::trays(static fn(int $tray): array => [$one => $tray % 2] + ($tray < $judged ? [$late => 1 - $tray % 2] : []))))->items->items());
        self::assertSame([1, 1, 2, 2], array_map($compared, [0, self::TRAYS / 2 - 1, self::TRAYS / 2, self::TRAYS]));
    }

    /**
     * @param callable(int): array<string, int> $levels by criterion, of each tray
     *
     * @return list<JudgedTray>
     */
    private static function trays(callable $levels): array
    {
        $criteria = self::standard()->criteria;

        return array_map(static function (int $tray) use ($levels, $criteria): JudgedTray {
            $given = $levels($tray);
            $points = [];
            foreach ($given as $id => $level) {
                $points[$id] = $criteria[$id]->levels[$level]->points;
            }

            return new JudgedTray($points, array_map(static fn(int $it): array => [$it], $given), [], null);
        }, range(0, self::TRAYS - 1));
    }

    private static function standard(): Standard
    {
        return Standard::read(Node::of((new ShippedDocuments())->standard('chicken-eight-piece'), 'standard'));
    }
}
