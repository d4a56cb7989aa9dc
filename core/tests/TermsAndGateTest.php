<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Capture\StartGate;
use DeftBlade\Core\Capture\TakenAt;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Under what terms an attempt is made, when its clock may run, and when a fact counts. */
final class TermsAndGateTest extends TestCase
{
    public function testATimeAllowanceIsAFactAndTheLaterHolds(): void
    {
        $package = Package::plain('time')->attempt('a', ['ap' => 1800, 'left' => 300, 'right' => 300, 'clock' => [0 => 'start', 1_500 => 'stop']], ['time_factor' => 3.0]);
        // 25 minutes of 20, limit 30: half the marks; with a quarter more time, 25 of 25: all of them.
        self::assertEqualsWithDelta(100.0, $package->first()['total'], 1e-9);
        self::add($package, ['kind' => 'allowance', 'time_factor' => 1.0, 'reason' => 'Agreed before']);
        self::assertEqualsWithDelta(50.0, $package->first()['total'], 1e-9);
        self::add($package, ['kind' => 'allowance', 'time_factor' => 1.25, 'reason' => 'By the certificate of 3 March']);
        self::assertEqualsWithDelta(100.0, $package->first()['total'], 1e-9);
    }

    public function testAResitIsAFactThatCanBeWithdrawn(): void
    {
        $package = Package::plain('time')->attempt('a', ['ap' => 1800, 'left' => 300, 'right' => 300, 'clock' => [0 => 'start', 60 => 'stop']]);
        self::add($package, ['kind' => 'resit', 'resit' => true, 'reason' => 'Failed on Monday']);
        self::assertSame([60.0, ['resit']], [$package->first()['total'], $package->first()['caps']]);
        self::add($package, ['kind' => 'void', 'target' => 't0', 'reason' => 'Another student']);
        self::assertSame([100.0, []], [$package->first()['total'], $package->first()['caps']]);
    }

    #[TestWith([['kind' => 'allowance', 'time_factor' => 0, 'reason' => 'x']])]
    #[TestWith([['kind' => 'allowance', 'time_factor' => 1.25]])]
    #[TestWith([['kind' => 'station', 'station' => 0, 'reason' => 'x']])]
    #[TestWith([['kind' => 'standard', 'standard' => 'plain', 'version' => 1, 'sha256' => 'abc', 'reason' => 'x']])]
    public function testTermsThatCannotBeAreRefused(array $fact): void
    {
        $package = Package::plain('time')->attempt('a', ['ap' => 1800]);
        self::add($package, $fact);
        $this->expectException(InvalidPackage::class);
        $package->grade();
    }

    public function testEarlierVersionsDoNotKnowTerms(): void
    {
        $package = Package::plain('time')->attempt('a', ['ap' => 1800]);
        self::add($package, ['kind' => 'station', 'station' => 4, 'reason' => 'x']);
        self::assertSame(PackageFormat::Three, PackageFormat::neededBy(Node::of($package->document, 'package')));
        $package->document->format = PackageFormat::Two->value;
        self::assertSame('attempts[0].captures[1].kind: comes with deft-blade.assessment/3', Refused::when($package->grade(...)));
    }

    /**
     * @param list<array<string, mixed>> $facts the last is the one tried
     * @param list<string>|null          $open  what keeps it shut; null where it may be taken
     */
    #[DataProvider('starts')]
    public function testWhenAClockMayRun(array $facts, ?array $open): void
    {
        $nodes = array_map(static fn(array $fact, int $second): Node => Node::of((object) (['id' => "c$second", 'at' => sprintf('2026-03-02T09:00:%02dZ', $second), 'by' => 'x'] + $fact), 'capture'), $facts, array_keys($facts));
        $standard = Standard::read(Node::of(Package::plain('time')->document->standard, 'standard'));
        $log = CaptureLog::read($nodes, new CaptureReader($standard));
        $last = 'c'.(count($facts) - 1);
        $gate = new StartGate((new ShippedDocuments())->mise('chicken'));
        self::assertSame($open, ($gate->shutFor($log->history, [$last])[$last] ?? null)?->open);
        self::assertSame([], $gate->shutFor($log->history, []), 'what was accepted before is not held up');
    }

    /** @return iterable<string, array{list<array<string, mixed>>, list<string>|null}> */
    public static function starts(): iterable
    {
        $mise = static fn(string ...$open): array => ['kind' => 'mise', 'open' => $open];
        $clock = static fn(string $event, string $reason = ''): array => ['kind' => 'clock', 'event' => $event] + ($reason === '' ? [] : ['reason' => $reason]);
        yield 'nobody has looked' => [[$clock('start')], ['hands', 'board-steady', 'knife', 'sanitiser']];
        yield 'nobody has looked, and it is said why' => [[$clock('start', 'Late')], null];
        yield 'all in order' => [[$mise(), $clock('start')], null];
        yield 'towels missing' => [[$mise('towels'), $clock('start')], null];
        yield 'a dull knife' => [[$mise('towels', 'knife'), $clock('start')], ['knife']];
        yield 'a dull knife, put right' => [[$mise('knife'), $mise(), $clock('start')], null];
        yield 'resume passes the same gate' => [[$mise(), $clock('start'), $clock('pause'), $mise('hands'), $clock('resume')], ['hands']];
        yield 'a reason given at the start holds for the resume' => [[$mise('knife'), $clock('start', 'Being ground'), $clock('pause'), $clock('resume')], null];
        yield 'blanks are no reason' => [[$mise('knife'), $clock('start', '  ')], ['knife']];
        yield 'a pause is never held up' => [[$clock('pause')], null];
    }

    public function testAFactCountsWhenItWasTakenUnlessThatLiesInTheFuture(): void
    {
        self::assertSame(5_000, TakenAt::of(5_000, 9_000, 8_000), 'an hour offline is no fault');
        self::assertSame(11_000, TakenAt::of(11_000, 9_000, null), 'two seconds are let pass');
        self::assertSame(9_000, TakenAt::of(420_000, 9_000, null));
        self::assertSame(9_001, TakenAt::of(420_001, 9_000, 9_000), 'and the order of the device is kept');
    }

    /** @param array<string, mixed> $fact */
    private static function add(Package $package, array $fact): void
    {
        $package->document->format = PackageFormat::Three->value;
        $captures = &$package->document->attempts[0]->captures;
        $terms = count(array_filter($captures, static fn(\stdClass $it): bool => str_starts_with($it->id, 't')));
        $captures[] = (object) (['id' => "t$terms", 'at' => sprintf('2026-03-03T09:00:%02dZ', $terms), 'by' => 'coordinator'] + $fact);
    }
}
