<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\Repetition;
use DeftBlade\Core\Practice\Streak;
use DeftBlade\Core\Quiz\Answered;
use DeftBlade\Core\Quiz\HowAnswered;
use DeftBlade\Core\Quiz\QuizKind;
use DeftBlade\Core\Quiz\Schedule;
use DeftBlade\Core\Quiz\Subject;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is remembered is asked again later and later, what is not is asked tomorrow. */
final class RepetitionTest extends TestCase
{
    /**
     * Intervals and easiness by algorithm SM-2 (P. A. Woźniak, Optimization of learning, Poznań 1990, chapter 3.2): EF' = EF + (0.1 − (5 − q)(0.08 + (5 − q)0.02)),
     * at least 1.3; I(1) = 1, I(2) = 6, I(n) = I(n − 1)·EF, fractions rounded up. The formula is quoted from memory, the figures are worked out by hand.
     *
     * @param list<int>   $qualities
     * @param list<int>   $days
     * @param list<float> $easiness
     */
    #[DataProvider('courses')]
    public function testIntervalsAndEasinessAreThoseOfThePublishedFormula(array $qualities, array $days, array $easiness): void
    {
        $repetition = Repetition::unanswered();
        foreach ($qualities as $index => $quality) {
            $repetition = $repetition->answered($quality);
            self::assertSame($days[$index], $repetition->days, "answer $index");
            self::assertEqualsWithDelta($easiness[$index], $repetition->easiness, 1e-9, "answer $index");
        }
    }

    /** @return iterable<string, array{list<int>, list<int>, list<float>}> */
    public static function courses(): iterable
    {
        yield 'at once, each time' => [[5, 5, 5, 5], [1, 6, 17, 50], [2.6, 2.7, 2.8, 2.9]];
        yield 'four leaves the easiness as it is' => [[4, 4, 4, 4, 4], [1, 6, 15, 38, 95], [2.5, 2.5, 2.5, 2.5, 2.5]];
        yield 'with difficulty' => [[3, 3, 3], [1, 6, 13], [2.36, 2.22, 2.08]];
        yield 'forgotten: from the beginning, as easy as before' => [[5, 5, 5, 1, 5, 5], [1, 6, 17, 1, 1, 6], [2.6, 2.7, 2.8, 2.8, 2.9, 3.0]];
        yield 'never under 1.3' => [array_fill(0, 10, 3), [1, 6, 13, 26, 47, 79, 121, 167, 218, 284], [2.36, 2.22, 2.08, 1.94, 1.8, 1.66, 1.52, 1.38, 1.3, 1.3]];
    }

    public function testAQualityIsFromNothingToFive(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Repetition::unanswered()->answered(6);
    }

    public function testDueComesFirstWhatWasNeverAskedNextAndWhatCostPointsBeforeTheRest(): void
    {
        [$due, $costly, $new, $newCostly, $later] = [self::level('due'), self::level('costly'), self::level('new'), self::level('new-costly'), self::level('later')];
        $schedule = Schedule::of([
            new Answered($due, HowAnswered::Missed, 100),
            new Answered($costly, HowAnswered::Right, 101),
            new Answered($later, HowAnswered::Right, 90),
            new Answered($later, HowAnswered::Right, 101),
        ]);
        self::assertSame([$costly, $due, $newCostly, $new, $later], $schedule->inOrder([$later, $new, $newCostly, $due, $costly], ['costly' => 2.0, 'new-costly' => 0.5], 102));
        self::assertSame(2, $schedule->countDue(102));
        self::assertSame(3, $schedule->countDue(107));
        self::assertSame(0, $schedule->countDue(100));
        // One may know what a part is, and not where it goes.
        self::assertEquals([new Subject(QuizKind::Goes, 'due')], Schedule::of([new Answered($due, HowAnswered::Right, 100)])->inOrder([new Subject(QuizKind::Goes, 'due')], [], 100));
    }

    public function testANearGuessPassesAndAMissBeginsAgain(): void
    {
        $days = static fn(HowAnswered ...$hows): int => Schedule::of(array_map(static fn(HowAnswered $it): Answered => new Answered(self::level('a'), $it, 0), array_values($hows)))->countDue(5);
        self::assertSame(1, $days(HowAnswered::Near));
        self::assertSame(0, $days(HowAnswered::Right, HowAnswered::Near));
        self::assertSame(1, $days(HowAnswered::Right, HowAnswered::Right, HowAnswered::Missed));
    }

    public function testAnAnswerSaysWhatWasAsked(): void
    {
        $answered = Answered::read(Node::of((object) ['question' => 'goes', 'about' => 'oyster.left', 'how' => 'near']), 7);
        self::assertEquals(new Answered(new Subject(QuizKind::Goes, 'oyster.left'), HowAnswered::Near, 7), $answered);
        $this->expectException(InvalidPackage::class);
        Answered::read(Node::of((object) ['question' => 'goes', 'about' => 'oyster.left', 'how' => 'well']), 7);
    }

    /** @param list<int> $days */
    #[DataProvider('weeks')]
    public function testAStreakIsOfDaysInARowAndTodayMayStillCome(array $days, int $length): void
    {
        self::assertSame($length, Streak::of($days, 100));
    }

    /** @return iterable<string, array{list<int>, int}> */
    public static function weeks(): iterable
    {
        yield 'nothing' => [[], 0];
        yield 'today' => [[100], 1];
        yield 'twice today' => [[100, 100], 1];
        yield 'yesterday and before' => [[98, 99], 2];
        yield 'with a gap' => [[95, 97, 99, 100], 2];
        yield 'the day before yesterday' => [[98], 0];
    }

    private static function level(string $about): Subject
    {
        return new Subject(QuizKind::Level, $about);
    }
}
