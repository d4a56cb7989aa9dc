<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Capture\LooksApart;
use DeftBlade\Core\Capture\RefusedLook;
use DeftBlade\Core\Capture\SecondLooks;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who may give which look at a tray, and when. */
final class LooksApartTest extends TestCase
{
    private const FIRST = ['m first', 't asked'];

    private const FINISHED = ['m first', 't asked', 't second', 't finished'];

    /**
     * @param list<string> $before in short: a person and what they did
     * @param string|null  $why    the code of the refusal; null where it is taken
     */
    #[DataProvider('facts')]
    public function testTakesOrRefuses(array $before, string $new, ?string $why, bool $thirdAgrees = false): void
    {
        $log = self::log([...$before, $new]);
        $refused = LooksApart::refused($log->history, [(string) count($before)], $thirdAgrees);
        self::assertSame($why === null ? [] : [$why], array_values(array_map(static fn(RefusedLook $it): string => $it->why->code->value, $refused)));
    }

    /** @return iterable<string, array{0: list<string>, 1: string, 2: string|null, 3?: bool}> */
    public static function facts(): iterable
    {
        yield 'another person looks a second time' => [['m first'], 't second', null];
        yield 'the same person does' => [['m first'], 'm second', 'problem.own_second_look'];
        yield 'the second look came first' => [['t second'], 't first', 'problem.own_second_look'];
        yield 'who is asked for the second look gives a first level' => [['t asked'], 't first', 'problem.own_second_look'];
        yield 'the same look again' => [['m first'], 'm first', null];
        yield 'who only wrote down what was agreed' => [[...self::FINISHED, 'i agreed'], 'i second', null];

        yield 'asking somebody' => [['m first'], 't asked', null];
        yield 'asking who gave the first look' => [['m first'], 'm asked', 'problem.gave_first_look'];
        yield 'asking who has finished' => [self::FINISHED, 't asked', 'problem.second_look_stands'];
        yield 'finishing' => [['m first', 't asked', 't second'], 't finished', null];
        yield 'finishing what nobody asked for' => [['m first', 't second'], 't finished', null];
        yield 'finishing for somebody else' => [['m first', 't asked', 't second'], 'm finishes t', 'problem.not_your_look'];
        yield 'finishing without a level' => [self::FIRST, 't finished', 'problem.nothing_judged'];
        yield 'calling it off' => [self::FIRST, 't called_off', null];
        yield 'calling it off when it has begun' => [[...self::FIRST, 't second'], 't called_off', 'problem.second_look_begun'];
        yield 'a level after it was called off' => [[...self::FIRST, 't called_off'], 't second', 'problem.second_look_called_off'];
        yield 'a level after it was finished' => [self::FINISHED, 't second', 'problem.second_look_stands'];
        yield 'somebody else looks too' => [self::FINISHED, 'i second', null];

        yield 'taking back a level before' => [['m first', 't asked', 't second'], 't void 2', null];
        yield 'taking back a level of a finished look' => [self::FINISHED, 't void 2', 'problem.second_look_stands'];
        yield 'taking back that it is finished' => [self::FINISHED, 't void 3', 'problem.second_look_stands'];
        yield 'taking back that one was asked' => [self::FIRST, 'm void 1', null];
        yield 'taking that back when it has begun' => [[...self::FIRST, 't second'], 'm void 1', 'problem.second_look_begun'];
        yield 'taking back a first level' => [self::FINISHED, 'm void 0', null];

        yield 'agreeing' => [self::FINISHED, 'm agreed', null];
        yield 'agreeing while the second look is open' => [['m first', 't asked', 't second'], 'm agreed', 'problem.agree_afterwards'];
        yield 'agreeing without a reason' => [self::FINISHED, 'm agrees silently', 'problem.must_say_why'];
        yield 'agreeing where a third person should, by the first' => [self::FINISHED, 'm agreed', 'problem.third_agrees', true];
        yield 'by the second' => [self::FINISHED, 't agreed', 'problem.third_agrees', true];
        yield 'by the third' => [self::FINISHED, 'i agreed', null, true];
    }

    public function testWhatWasAcceptedBeforeIsNotLookedAtAgain(): void
    {
        self::assertSame([], LooksApart::refused(self::log(['m first', 'm second'])->history, []));
    }

    public function testAnAcceptedLookCountsEvenWhereItsClockIsLater(): void
    {
        // The new one, 0, is earlier by its time than the accepted 1.
        self::assertSame([0], array_keys(LooksApart::refused(self::log(['m first', 'm second'])->history, ['0'])));
    }

    public function testBothInOneRequestAreHeldAgainstEachOther(): void
    {
        self::assertSame([1], array_keys(LooksApart::refused(self::log(['m first', 'm second'])->history, ['0', '1'])));
    }

    public function testALookThatWasTakenBackIsNone(): void
    {
        self::assertSame([], LooksApart::refused(self::log(['m first', 'm void 0', 'm second'])->history, ['2']));
    }

    /**
     * @param list<string> $facts
     * @param list<string> $open
     * @param list<string> $finished
     */
    #[DataProvider('looks')]
    public function testSaysWhoIsAtItAndWhoHasFinished(array $facts, array $open, array $finished): void
    {
        $looks = SecondLooks::of(self::log($facts)->history);
        self::assertSame([$open, $finished], [$looks->open, $looks->finished]);
    }

    /** @return array<string, array{list<string>, list<string>, list<string>}> */
    public static function looks(): array
    {
        return [
            'nobody' => [['m first'], [], []],
            'asked' => [self::FIRST, ['t'], []],
            'at it unasked' => [['m first', 't second'], ['t'], []],
            'finished' => [self::FINISHED, [], ['t']],
            'called off' => [[...self::FIRST, 't called_off'], [], []],
            'one finished, another asked' => [[...self::FINISHED, 'i asked'], ['i'], ['t']],
            'the asking taken back' => [[...self::FIRST, 'm void 1'], [], []],
        ];
    }

    /** @param list<string> $facts */
    private static function log(array $facts): CaptureLog
    {
        $standard = Standard::read(Node::of(Package::plain('technique')->with(static fn(\stdClass $it) => $it->standard->criteria = [
            (object) ['id' => 'joint', 'component' => 'technique', 'weight' => 1, 'levels' => [(object) ['points' => 0, 'text' => 'missed'], (object) ['points' => 1, 'text' => 'clean']]],
        ])->document->standard, 'standard'));
        $nodes = array_map(static function (int $index, string $short): Node {
            [$by, $did, $what] = [...explode(' ', $short), ''];
            $head = ['id' => (string) $index, 'at' => sprintf('2026-03-02T12:00:%02dZ', $index), 'by' => $by];

            return Node::of((object) ($head + match ($did) {
                'first', 'second' => ['kind' => 'level', 'criterion' => 'joint', 'level' => 1, 'round' => $did],
                'agreed' => ['kind' => 'level', 'criterion' => 'joint', 'level' => 1, 'round' => 'agreed', 'reason' => 'Seen together'],
                'agrees' => ['kind' => 'level', 'criterion' => 'joint', 'level' => 1, 'round' => 'agreed'],
                'void' => ['kind' => 'void', 'target' => $what, 'reason' => 'The wrong tray'],
                'finishes' => ['kind' => 'second_look', 'event' => 'finished', 'marker' => $what],
                default => ['kind' => 'second_look', 'event' => $did, 'marker' => $by],
            }), "captures[$index]");
        }, array_keys($facts), $facts);

        return CaptureLog::read($nodes, new CaptureReader($standard));
    }
}
