<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use PHPUnit\Framework\TestCase;

/** What must hold of the weights of every tray, whatever was weighed: mass is neither made nor lost (AP = cuts + containers + scrape + loss). */
final class MassBalanceTest extends TestCase
{
    public function testSharesOfTheCarcassAddUpToAllOfIt(): void
    {
        mt_srand(20_261_134);
        foreach (['chicken-eight-piece', 'chicken-saute-13', 'sea-trout-fillets-ribs-trimmed', 'lamb-leg-by-the-seam'] as $key) {
            for ($round = 0; $round < 60; $round++) {
                $result = self::graded($key, $masses = self::masses($key));
                $yields = $result->yields ?? self::fail('there is an AP weight');
                self::assertEqualsWithDelta(1, $yields->utilisation + $yields->waste + $yields->loss, 1e-9, $key);
                self::assertGreaterThanOrEqual($yields->portion, $yields->utilisation, $key);
                self::assertSame($masses['ap'] - array_sum($masses['pieces']) - array_sum($masses['bins']) - ($masses['scrape'] ?? 0), $result->balance->unaccountedMg, $key);
                self::assertEqualsWithDelta($yields->loss, ($result->balance->unaccountedMg ?? 0) / $masses['ap'], 1e-12, $key);
            }
        }
    }

    public function testAGramMoreAnywhereIsAGramLessUnaccounted(): void
    {
        mt_srand(20_261_135);
        for ($round = 0; $round < 40; $round++) {
            $masses = self::masses('chicken-eight-piece');
            $before = self::graded('chicken-eight-piece', $masses)->balance->unaccountedMg ?? 0;
            $place = array_rand($masses['pieces']);
            $masses['pieces'][$place] += 1000;
            self::assertSame($before - 1000, self::graded('chicken-eight-piece', $masses)->balance->unaccountedMg, $place);
            $bin = array_rand($masses['bins']);
            $masses['bins'][$bin] += 1000;
            self::assertSame($before - 2000, self::graded('chicken-eight-piece', $masses)->balance->unaccountedMg, $bin);
        }
    }

    /** @param array{ap: int, pieces: array<string, int>, bins: array<string, int>, scrape: int|null} $masses mg */
    private static function graded(string $key, array $masses): AttemptResult
    {
        $shipped = new ShippedDocuments();
        $captures = [['kind' => 'received', 'mass_mg' => $masses['ap'], 'defects' => []]];
        foreach ($masses['pieces'] as $piece => $mg) {
            $captures[] = ['kind' => 'piece', 'piece' => $piece, 'mass_mg' => $mg];
        }
        foreach ($masses['bins'] as $bin => $mg) {
            $captures[] = ['kind' => 'bin', 'bin' => $bin, 'mass_mg' => $mg];
        }
        if ($masses['scrape'] !== null) {
            $captures[] = ['kind' => 'scrape', 'mass_mg' => $masses['scrape']];
        }
        $captures = array_map(static fn(int $index, array $says): array => ['id' => "c$index", 'at' => sprintf('2026-03-04T09:%02d:%02d.000Z', intdiv($index, 60), $index % 60), 'by' => 'x'] + $says, array_keys($captures), $captures);
        $package = ['format' => PackageFormat::Three->value, 'standard' => $shipped->standard($key), 'policy' => $shipped->policy('house'), 'attempts' => [['id' => 'a', 'student' => 's', 'captures' => $captures]]];

        return Assessment::read(Node::of(json_decode(json_encode($package, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION))))->grade()->attempts[0];
    }

    /** @return array{ap: int, pieces: array<string, int>, bins: array<string, int>, scrape: int|null} mg */
    private static function masses(string $key): array
    {
        $standard = Standard::read(Node::of((new ShippedDocuments())->standard($key), 'standard'));
        $some = static fn(): int => mt_rand(1_000, 400_000);

        return [
            'ap' => mt_rand(1_200_000, 2_400_000),
            'pieces' => array_map($some, $standard->cuts->pieces),
            'bins' => array_map($some, $standard->cuts->bins),
            'scrape' => $standard->frame === null ? null : mt_rand(0, 60_000),
        ];
    }
}
