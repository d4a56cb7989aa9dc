<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Practice\LearningCurve;
use PHPUnit\Framework\TestCase;

/** How many more tries there are to a standard time. */
final class LearningCurveTest extends TestCase
{
    /** T. P. Wright, Factors affecting the cost of airplanes, Journal of the Aeronautical Sciences (1936): on an 80 % curve every doubling of tries takes four fifths of the time. */
    public function testACurveOfEightyPerCent(): void
    {
        $curve = static fn(int $try): float => 1_000 * $try ** log(0.8, 2);
        $answer = (new LearningCurve(array_map($curve, range(1, 6)), 500))->answer();
        self::assertEqualsWithDelta([1_000, log(0.8, 2), 0.8, 1.0], [$answer['first_s'], $answer['exponent'], $answer['rate'], $answer['r2']], 1e-9);
        // 1 000 · 8^b = 512, 9^b makes 492.95.
        self::assertSame(9, $answer['tries_to_standard']);
        self::assertEqualsWithDelta([1_000, 800, 640, 512], array_map($curve, [1, 2, 4, 8]), 1e-9);
    }

    public function testATryThatComesExactlyToTheStandardIsOne(): void
    {
        $curve = static fn(int $try): float => 1_000 * $try ** log(0.8, 2);
        self::assertSame(8, (new LearningCurve(array_map($curve, range(1, 5)), 512))->answer()['tries_to_standard']);
    }

    public function testWhoseLastTryWasInTimeNeedsNone(): void
    {
        $answer = (new LearningCurve([900, 1_200, 600], 600))->answer();
        self::assertSame(0, $answer['tries_to_standard']);
    }

    public function testWhoGetsSlowerOrStaysAsSlowIsToldNothing(): void
    {
        self::assertNull((new LearningCurve([600, 700, 800], 500))->answer()['tries_to_standard']);
        $flat = (new LearningCurve([600, 600, 600], 500))->answer();
        self::assertEqualsWithDelta([600, 0, 1], [$flat['first_s'], $flat['exponent'], $flat['rate']], 1e-9);
        self::assertSame([null, null], [$flat['r2'], $flat['tries_to_standard']]);
        self::assertNull((new LearningCurve([600, 599, 598], 60))->answer()['tries_to_standard'], 'more than a thousand tries');
    }

    /** Two tries lie on their curve: ln 600 and ln 480 over ln 1 and ln 2. */
    public function testTwoTries(): void
    {
        $answer = (new LearningCurve([600, 480], 300))->answer();
        self::assertEqualsWithDelta([600, 0.8, 1.0], [$answer['first_s'], $answer['rate'], $answer['r2']], 1e-9);
        self::assertSame(9, $answer['tries_to_standard'], '600 · 9^b makes 295.8, 8 tries 307.2');
    }
}
