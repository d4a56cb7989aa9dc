<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold for any tray, tried on made-up ones from a fixed seed. */
final class PropertyTest extends TestCase
{
    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(20260302));
    }

    public function testASecondWritingOfTheRulesComesToTheSameMarks(): void
    {
        foreach (['benefit', 'simple'] as $rule) {
            $package = Package::shipped()->with(static fn(\stdClass $it) => $it->policy->decision->rule = $rule);
            for ($index = 0; $index < 150; $index++) {
                $this->addRandomTray($package, "a$index", omits: $index % 3);
            }
            $plain = json_decode($package->json(), true);
            $opinion = new SecondOpinion($plain['standard'], $plain['policy']);
            foreach ($package->grade()['attempts'] as $index => $result) {
                $other = $opinion->of($plain['attempts'][$index]);
                self::assertEqualsWithDelta($other['scores'], array_column($result['components'], 'score', 'id'), 1e-9, "$rule {$result['id']}");
                self::assertSame($other['total'], $result['total'] === null ? null : (float) $result['total'], "$rule {$result['id']}");
            }
        }
    }

    public function testASecondWritingComesToTheSameMarksOfTwoAssessors(): void
    {
        foreach (['mean', 'first', 'lower', 'higher', null] as $combine) {
            $package = Package::shipped()->with(static function (\stdClass $it) use ($combine): void {
                $it->format = 'deft-blade.assessment/4';
                if ($combine !== null) {
                    $it->policy->moderation = (object) ['tolerance_levels' => 1, 'combine' => $combine];
                }
            });
            for ($index = 0; $index < 60; $index++) {
                $this->addRandomTray($package, "a$index", rounds: ['second' => 2, 'agreed' => 6]);
            }
            $plain = json_decode($package->json(), true);
            $opinion = new SecondOpinion($plain['standard'], $plain['policy']);
            $pending = 0;
            foreach ($package->grade()['attempts'] as $index => $result) {
                $other = $opinion->of($plain['attempts'][$index]);
                self::assertEqualsWithDelta($other['scores'], array_column($result['components'], 'score', 'id'), 1e-9, "$combine {$result['id']}");
                self::assertSame($other['total'], $result['total'] === null ? null : (float) $result['total'], "$combine {$result['id']}");
                $pending += count(array_filter($result['remarks'], static fn(array $it): bool => $it['code'] === 'level.to_agree'));
            }
            $combine === null ? self::assertSame(0, $pending) : self::assertGreaterThan(10, $pending, 'too few were to be agreed to show anything');
        }
    }

    public function testReasonsAddUpToThePointsLost(): void
    {
        $package = Package::shipped();
        for ($index = 0; $index < 60; $index++) {
            $this->addRandomTray($package, "a$index");
        }
        foreach ($package->grade()['attempts'] as $result) {
            if ($result['total'] === null) {
                continue;
            }
            $scored = array_filter($result['components'], static fn(array $it): bool => $it['state'] === 'scored');
            $weights = array_sum(array_column($scored, 'weight'));
            $uncapped = array_sum(array_map(static fn(array $it): float => $it['weight'] * $it['score'] / $weights, $scored));
            $lost = array_column($result['reasons'], 'lost');
            self::assertEqualsWithDelta(100 - $uncapped, array_sum($lost), 1e-6);
            $sorted = $lost;
            rsort($sorted);
            self::assertSame($sorted, $lost);
        }
    }

    public function testTheOrderOfCapturesDoesNotMatter(): void
    {
        $package = Package::shipped();
        $this->addRandomTray($package, 'a');
        $inOrder = $package->grade();
        for ($try = 0; $try < 10; $try++) {
            $captures = &$package->document->attempts[0]->captures;
            $captures = $this->random->shuffleArray($captures);
            self::assertSame($inOrder, $package->grade());
        }
    }

    public function testAVoidRestoresTheEarlierResult(): void
    {
        $package = Package::shipped();
        $this->addRandomTray($package, 'a');
        $before = $package->grade();
        foreach ([
            ['kind' => 'piece', 'piece' => 'breast.left', 'mass_mg' => 1], ['kind' => 'level', 'criterion' => 'board', 'level' => 0],
            ['kind' => 'fault', 'fault' => 'bone-chip'], ['kind' => 'received', 'mass_mg' => 5_000_000, 'defects' => ['torn-skin']], ['kind' => 'scrape', 'mass_mg' => 90_000],
        ] as $index => $change) {
            $common = ['at' => '2027-01-01T00:00:00Z', 'by' => 'x'];
            $captures = &$package->document->attempts[0]->captures;
            $captures[] = (object) (['id' => "late-$index"] + $common + $change);
            self::assertNotSame($before, $package->grade());
            $captures[] = (object) (['id' => "void-$index", 'kind' => 'void', 'target' => "late-$index", 'reason' => 'test'] + $common);
            self::assertSame($before, $package->grade());
        }
    }

    /** @param array<string, int> $rounds further rounds, each given to one criterion in so many */
    private function addRandomTray(Package $package, string $id, int $omits = 0, array $rounds = []): void
    {
        $standard = $package->document->standard;
        $asPurchased = $this->random->getInt(1600, 2100);
        $of = ['ap' => $asPurchased, 'defects' => $this->some(array_column($standard->defects, 'id'), 8)];
        foreach ([...$standard->pieces, ...$standard->bins] as $place) {
            if ($this->random->getInt(0, 19) > 0) {
                $of[$place->id] = round($asPurchased * $this->random->getInt(20, 260) / 2000);
            }
        }
        $of['scrape'] = $this->random->getInt(0, 60);
        $of['faults'] = $this->some([...array_column($standard->faults, 'id'), ...array_column($standard->faults, 'id')], 4);
        $of['clock'] = [0 => 'start', $this->random->getInt(1200, 2400) => $this->random->getInt(0, 5) > 0 ? 'stop' : 'pause'];
        foreach ($standard->criteria as $criterion) {
            $of['levels'][$criterion->id] = $this->random->getInt(0, count($criterion->levels) - 1);
            foreach ($rounds as $round => $oneIn) {
                $of[$round] ??= [];
                $of[$round] += $this->random->getInt(1, $oneIn) === 1 ? [$criterion->id => $this->random->getInt(0, count($criterion->levels) - 1)] : [];
            }
        }
        $of = match ($omits) {
            1 => array_diff_key($of, ['ap' => 1]),
            2 => array_diff_key($of, ['scrape' => 1, 'clock' => 1]),
            default => $of,
        };
        $package->attempt($id, $of, ['resit' => $this->random->getInt(0, 3) === 0]);
    }

    /**
     * @param list<string> $of
     *
     * @return list<string>
     */
    private function some(array $of, int $oneIn): array
    {
        return array_values(array_filter($of, fn(string $_): bool => $this->random->getInt(1, $oneIn) === 1));
    }
}
