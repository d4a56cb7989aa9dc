<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\ReceivingList;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The look at a carcass as it comes in. */
final class ReceivingTest extends TestCase
{
    /** FDA Food Code 2022, 3-202.11 (A): at 5 °C or below when received; the limit itself is in order. */
    #[TestWith([5.0, false])]
    #[TestWith([5.1, true])]
    #[TestWith([-1.5, false])]
    #[TestWith([12.0, true])]
    public function testACoreOverFiveDegreesIsRemarkedOn(float $coreC, bool $isWarm): void
    {
        $remarks = self::remarks([['kind' => 'look', 'not' => [], 'core_c' => $coreC]]);
        self::assertSame($isWarm ? ["Its core was at $coreC °C at receiving; 5 °C or below is in order (FDA Food Code 3-202.11)."] : [], $remarks);
    }

    public function testWhatIsNotAsItShouldBeIsRemarkedOnAndCostsNothing(): void
    {
        self::assertSame(['At receiving: skin; dry.'], self::remarks([['kind' => 'look', 'not' => ['skin', 'dry']]]));
        self::assertSame([], self::remarks([['kind' => 'look', 'not' => []]]));
        self::assertSame([], self::remarks([]), 'nobody looked');
        self::assertSame(self::graded([])['total'], self::graded([['kind' => 'look', 'not' => ['skin']]])['total']);
    }

    public function testTheLastLookHoldsAndARefusedCarcassTakesItsLookAlong(): void
    {
        self::assertSame([], self::remarks([['kind' => 'look', 'not' => ['skin']], ['kind' => 'look', 'not' => []]]));
        self::assertSame([], self::remarks([['kind' => 'look', 'not' => ['smell']], ['kind' => 'refused', 'reason' => 'Smells off']]));
        self::assertSame(['At receiving: dry.'], self::remarks([['kind' => 'look', 'not' => ['smell']], ['kind' => 'refused', 'reason' => 'Smells off'], ['kind' => 'look', 'not' => ['dry']]]));
    }

    /** What is to be looked at is there for every carcass that ships, and a defect it may be is one that some standard of the class excuses. */
    public function testEveryShippedStandardIsLookedAt(): void
    {
        $shipped = new ShippedDocuments();
        $offered = $known = [];
        foreach ($shipped->keys() as $key) {
            $standard = Standard::read(Node::of($shipped->standard($key), 'standard'));
            $class = $shipped->products()->of($standard->species)?->class;
            $list = $shipped->receiving($standard->species);
            self::assertGreaterThanOrEqual(5, count($list->items), $key);
            foreach ($list->for($standard)->items as $item) {
                self::assertSame([], array_diff($item->defects, array_keys($standard->defects)), $key);
                $offered = [...$offered, ...$item->defects];
            }
            $known = [...$known, ...array_keys($standard->defects)];
            self::assertNotNull($class);
        }
        self::assertSame([], array_diff(array_unique($known), $offered), 'every defect that excuses is found by looking');
    }

    /** Common practice: what smells off goes back, whatever it is; a broken bone does not. */
    #[TestWith(['chicken', ['thawed', 'smell']])]
    #[TestWith(['sea trout', ['gills', 'smell']])]
    #[TestWith(['lamb', ['smell']])]
    public function testWhatGoesBack(string $species, array $refused): void
    {
        self::assertSame($refused, array_keys(array_filter((new ShippedDocuments())->receiving($species)->items, static fn($it): bool => $it->refuses)));
    }

    public function testAClassNobodyWroteAListForIsNotAsked(): void
    {
        self::assertSame([], ReceivingList::read(Node::of((object) ['poultry' => []], 'receiving'), 'game')->items);
        self::assertSame([], ReceivingList::read(Node::of((object) ['poultry' => []], 'receiving'), null)->items);
    }

    /**
     * @param list<array<string, mixed>> $facts
     *
     * @return list<string>
     */
    private static function remarks(array $facts): array
    {
        return array_column(array_filter(self::graded($facts)['remarks'], static fn(array $it): bool => in_array($it['code'], ['remark.looked', 'remark.warm'], true)), 'text');
    }

    /**
     * @param list<array<string, mixed>> $facts
     *
     * @return array<string, mixed>
     */
    private static function graded(array $facts): array
    {
        return Package::plain('yield', floor: 0.2, target: 0.35)->attempt('a', ['left' => 300, 'right' => 300])->with(static function (\stdClass $it) use ($facts): void {
            $it->format = 'deft-blade.assessment/3';
            $captures = [...$facts, ['kind' => 'received', 'mass_mg' => 1_800_000]];
            foreach ($captures as $index => $fact) {
                $it->attempts[0]->captures[] = (object) (['id' => "f$index", 'at' => sprintf('2026-03-02T08:%02d:00Z', $index), 'by' => 'marit'] + $fact);
            }
        })->first();
    }
}
