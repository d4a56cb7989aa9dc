<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Balance\BalanceAdvice;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the core tells a person beside the result: what to check, and how far a tray has come. */
final class AdviceTest extends TestCase
{
    private const BALANCED = [
        'ap' => 2000, 'breast.left' => 269, 'breast.right' => 269, 'thigh.left' => 163, 'thigh.right' => 163, 'drumstick.left' => 133, 'drumstick.right' => 133,
        'wing.left' => 93, 'wing.right' => 93, 'stock' => 500, 'fat' => 132, 'trim' => 20, 'waste' => 15, 'scrape' => 10,
    ];

    public function testNothingToSayWhileOpenOrInBalance(): void
    {
        self::assertSame([], self::adviceFor(self::BALANCED));
        self::assertSame([], self::adviceFor(array_slice(self::BALANCED, 0, 6)));
        self::assertSame([], self::adviceFor(['breast.left' => 269]));
    }

    public function testSaysByHowMuchWhichWayAndWhatToWeighAgain(): void
    {
        $short = self::adviceFor(['stock' => 300] + self::BALANCED);
        self::assertStringStartsWith('207 g short: less was weighed than came in (30 g', $short[0]);
        self::assertStringStartsWith('Weigh stock bones again: 222 g less than a carcass of this weight should give (522 g)', $short[1]);
        self::assertStringContainsString('container not weighed out', $short[2]);

        $over = self::adviceFor(['drumstick.left' => 233] + self::BALANCED);
        self::assertStringStartsWith('93 g over: more was weighed than came in', $over[0]);
        self::assertStringStartsWith('Weigh left drumstick again: 100 g more', $over[1]);
        self::assertStringContainsString('not tared', $over[2]);
    }

    public function testNamesAtMostTwoSuspectsTheLikelierFirst(): void
    {
        $advice = self::adviceFor(['wing.left' => 193, 'drumstick.left' => 233, 'thigh.left' => 300] + self::BALANCED);
        self::assertCount(4, $advice);
        self::assertStringStartsWith('Weigh left wing again', $advice[1]);
        self::assertStringStartsWith('Weigh left thigh again', $advice[2]);
    }

    /** @param array<string, mixed> $of */
    #[DataProvider('stages')]
    public function testHowFarATrayHasCome(array $of, Stage $stage): void
    {
        $package = Package::shipped()->attempt('a', $of);
        self::assertSame($stage, Stage::of(Assessment::read(Node::decode($package->json()))->grade()->attempts[0]));
    }

    /** @return array<string, array{array<string, mixed>, Stage}> */
    public static function stages(): array
    {
        $best = array_map(static fn(\stdClass $it): int => count($it->levels) - 1, array_column(Package::shipped()->document->standard->criteria, null, 'id'));
        $presented = [0 => 'start', 900 => 'stop'];

        return [
            'nothing yet' => [[], Stage::Waiting],
            'received' => [['ap' => 2000], Stage::Received],
            'at work' => [['ap' => 2000, 'clock' => [0 => 'start']], Stage::Running],
            'paused' => [['ap' => 2000, 'clock' => [0 => 'start', 60 => 'pause']], Stage::Paused],
            'presented' => [['ap' => 2000, 'clock' => $presented], Stage::Presented],
            'on the scale' => [['ap' => 2000, 'breast.left' => 269, 'clock' => $presented], Stage::Weighing],
            'weighed' => [self::BALANCED + ['clock' => $presented], Stage::Weighed],
            'judged' => [self::BALANCED + ['clock' => $presented, 'levels' => $best], Stage::Judged],
        ];
    }

    /**
     * @param array<string, mixed> $of
     *
     * @return list<string>
     */
    private static function adviceFor(array $of): array
    {
        $assessment = Assessment::read(Node::decode(Package::shipped()->attempt('a', $of)->json()));
        $result = $assessment->grade()->attempts[0];

        return array_map(Sentences::plain($assessment->standard)->say(...), (new BalanceAdvice($assessment->standard))->for($result->balance, $result->attempt->log));
    }
}
