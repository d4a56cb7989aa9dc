<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Practice\PracticeTray;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a student takes down of a tray that was cut to practise. */
final class PracticeTrayTest extends TestCase
{
    /** @param array<string, mixed> $fact */
    #[TestWith([['kind' => 'piece', 'piece' => 'breast.left', 'mass_mg' => 290_000]])]
    #[TestWith([['kind' => 'clock', 'event' => 'start']])]
    #[TestWith([['kind' => 'level', 'criterion' => 'wing-joint', 'level' => 1]])]
    #[TestWith([['kind' => 'level', 'criterion' => 'wing-joint', 'level' => 1, 'round' => 'first']])]
    #[TestWith([['kind' => 'void', 'target' => 'c0', 'reason' => '']])]
    public function testWhatOneCanDoAloneIsTakenDown(array $fact): void
    {
        self::assertNull(self::refusalOf($fact));
    }

    /** @param array<string, mixed> $fact */
    #[TestWith([['kind' => 'second_look', 'event' => 'asked', 'marker' => 'teodor'], 'kind'])]
    #[TestWith([['kind' => 'incident', 'what' => 'slip', 'text' => '', 'pieces' => [], 'treatment' => 'excused'], 'kind'])]
    #[TestWith([['kind' => 'station', 'station' => 4, 'reason' => 'x'], 'kind'])]
    #[TestWith([['kind' => 'level', 'criterion' => 'wing-joint', 'level' => 1, 'round' => 'second'], 'round'])]
    #[TestWith([['kind' => 'level', 'criterion' => 'wing-joint', 'level' => 1, 'round' => 'agreed', 'reason' => 'x'], 'round'])]
    #[TestWith([['kind' => 'piece', 'piece' => 'tail', 'mass_mg' => 290_000], 'piece'])]
    public function testWhatTakesAnAssessorOrIsNotInTheStandardIsRefused(array $fact, string $at): void
    {
        self::assertStringStartsWith("capture.$at: ", (string) self::refusalOf($fact));
    }

    public function testTheClockOfEachStepIsWhatItShowedAndNotTheTimeOfDay(): void
    {
        $package = Package::shipped()->attempt('a', ['ap' => 1800, 'clock' => [60 => 'start', 120 => 'pause', 300 => 'resume', 400 => 'stop']]);
        $log = Assessment::read(Node::decode($package->json()))->grade()->attempts[0]->attempt->log;
        $at = static fn(int $second): int => (1_772_442_000 + $second) * 1000;
        // Sixty seconds ran before the pause; the step at 200 s was done while the clock stood, the one at 30 s before it ran at all.
        self::assertSame([1 => 20_000, 2 => 60_000, 3 => 110_000], PracticeTray::splits([3 => $at(350), 0 => $at(30), 2 => $at(200), 1 => $at(80)], $log));
    }

    public function testItComesToWhatTheSameTrayOfAClassComesTo(): void
    {
        $package = Package::shipped()->attempt('a', ['ap' => 1800, 'breast.left' => 290, 'breast.right' => 240, 'clock' => [0 => 'start', 900 => 'stop']]);
        $document = $package->document;
        $alone = PracticeTray::grade('a', Standard::read(Node::of($document->standard, 'standard')), Policy::read(Node::of($document->policy, 'policy')), $document->attempts[0]->captures);
        $inClass = Assessment::read(Node::decode($package->json()))->grade()->attempts[0];
        self::assertEquals([$inClass->grade->total, $inClass->pieces, $inClass->reasons], [$alone->grade->total, $alone->pieces, $alone->reasons]);
    }

    /** @param array<string, mixed> $fact */
    private static function refusalOf(array $fact): ?string
    {
        $capture = Node::of((object) (['id' => 'c1', 'at' => '2026-03-02T10:00:00Z', 'by' => 'amina'] + $fact), 'capture');
        $standard = Standard::read(Node::of(Package::shipped()->document->standard, 'standard'));

        return Refused::orNull(static fn() => PracticeTray::check($capture, $standard));
    }
}
