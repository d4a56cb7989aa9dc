<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Sentence\Catalogue;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Vocabulary\Units;
use DeftBlade\Core\Vocabulary\Vocabulary;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Codes and figures become sentences in one place. */
final class MessagesTest extends TestCase
{
    #[DataProvider('codes')]
    public function testEveryCodeHasASentenceThatUsesEveryFigure(MessageCode $code): void
    {
        $pattern = Catalogue::english()->pattern($code);
        foreach ($code->figures() as $figure) {
            $names = self::namesOf($figure);
            $used = array_filter($names, static fn(string $name): bool => preg_match('/(?<!\')\{'.preg_quote($name, '/').'[,}]/', $pattern) === 1);
            self::assertNotSame([], $used, "{$code->value} does not say its $figure");
        }
        $said = Sentences::plain(self::standard())->say(self::sample($code));
        self::assertDoesNotMatchRegularExpression('/[{}]/', $said);
        self::assertNotSame('', trim($said));
    }

    /** A second language is one file: here a made-up one that says each code with its figures. */
    #[DataProvider('codes')]
    public function testASecondLanguageIsOneFileAway(MessageCode $code): void
    {
        $patterns = [];
        foreach (MessageCode::cases() as $each) {
            $patterns[$each->value] = 'zog '.$each->value.implode('', array_map(static fn(string $figure): string => ' {'.self::namesOf($figure)[0].'}', $each->figures()));
        }
        $zog = Catalogue::read('eo', json_decode(json_encode($patterns, JSON_THROW_ON_ERROR), true));
        $said = (new Sentences($zog, Vocabulary::plain(), self::standard()))->say(self::sample($code));
        self::assertStringStartsWith("zog {$code->value}", $said);
        self::assertSame(count($code->figures()), substr_count(self::withoutFigures($said, $code), ' ') - 1);
    }

    /** @return iterable<string, array{MessageCode}> */
    public static function codes(): iterable
    {
        foreach (MessageCode::cases() as $code) {
            yield $code->value => [$code];
        }
    }

    /** 64.97 %, which costs a mark, must not read as the 65 % that costs none. */
    public function testAShareIsSaidAsFinelyAsItIsMarked(): void
    {
        $said = Sentences::plain(self::standard())->say(Message::of(MessageCode::YieldLow, ['yield_share' => 1202 / 1850, 'target_share' => 0.65, 'floor_share' => 0.55]));
        self::assertSame('Portion yield: 64.97 % of the carcass, full marks from 65 %, none at 55 %', $said);
    }

    public function testASentenceIsInTheWordsAndUnitsOfTheSchool(): void
    {
        $sentences = new Sentences(Catalogue::english(), Vocabulary::of(['frame' => 'bones'], Units::Us), self::standard());
        self::assertSame('Bones: 0.35 oz scraped off, clean up to 0.71 oz, limit 1.76 oz', $sentences->say(Message::of(MessageCode::FrameScraped, ['scraped_mg' => 10_000, 'clean_mg' => 20_000, 'limit_mg' => 50_000])));
    }

    public function testWhatPeopleAreCalledIsNeverReworded(): void
    {
        $sentences = new Sentences(Catalogue::english(), Vocabulary::of(['shank' => 'fore shank', 'frame' => 'bones'], Units::Us), self::standard());
        $said = $sentences->say(Message::of(MessageCode::MixUpHere, ['station' => 4, 'student' => "Ann Shank {frame} O'Neil 2000 kg", 'left_mg' => 23_000]));
        self::assertStringContainsString("station 4, Ann Shank {frame} O'Neil 2000 kg may", $said);
    }

    public function testACodeHasExactlyItsFigures(): void
    {
        $this->expectException(\LogicException::class);
        Message::of(MessageCode::PieceMissing, ['piece' => 'left', 'colour' => 'red']);
    }

    /** @return non-empty-list<string> the names a figure may have in a pattern */
    private static function namesOf(string $figure): array
    {
        $stem = (string) preg_replace('/_(mg|ml|ms|share)$/D', '', $figure);
        $range = (string) preg_replace('/(low|high)$/D', 'range', $stem);

        return match (true) {
            $figure === 'mass_mg' => ['mass'],
            str_ends_with($figure, '_mg') => ["{$stem}_mass", "{$range}_mass"],
            str_ends_with($figure, '_share') => [$stem, "{$stem}_1", $range],
            default => [$stem, "{$stem}_inside", ...($figure === 'criterion' ? ['criterion'] : [])],
        };
    }

    private static function sample(MessageCode $code): Message
    {
        $figures = [];
        foreach ($code->figures() as $figure) {
            $figures[$figure] = match (true) {
                str_ends_with($figure, '_mg'), str_ends_with($figure, '_ms'), str_ends_with($figure, '_ml') => 5_000,
                str_ends_with($figure, '_share') => 0.25,
                in_array($figure, ['pieces', 'where', 'criteria'], true) => ['left', 'right'],
                in_array($figure, ['piece', 'place'], true) => 'left',
                $figure === 'criterion' => 'edge',
                $figure === 'fault' => 'sawing',
                str_ends_with($figure, 'basis') => 'share',
                in_array($figure, ['count', 'weighed', 'step', 'steps', 'station', 'pots'], true) => 1,
                in_array($figure, ['deduct', 'max'], true) => 2.5,
                $figure === 'critical' => true,
                default => 'words',
            };
        }

        return Message::of($code, $figures);
    }

    /** Each figure as one word, so that words can be counted. */
    private static function withoutFigures(string $said, MessageCode $code): string
    {
        return strtr($said, ['Left and right' => 'x', 'left, right' => 'x', 'Left, right' => 'x', '5 g' => 'x', '5 l' => 'x', '25 %' => 'x', $code->value => 'code']);
    }

    private static function standard(): Standard
    {
        $package = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
            [$it->standard->pieces[0]->title, $it->standard->pieces[1]->title] = ['Left', 'Right'];
            $it->standard->criteria = [(object) ['id' => 'edge', 'title' => 'Edge', 'component' => 'skill', 'weight' => 1, 'levels' => [(object) ['points' => 0, 'text' => 'ragged'], (object) ['points' => 1, 'text' => 'clean']]]];
            $it->standard->faults = [(object) ['id' => 'sawing', 'title' => 'Sawing', 'component' => 'skill', 'deduct' => 1, 'max' => 2]];
        });

        return Standard::read(Node::of($package->document->standard, 'standard'));
    }
}
