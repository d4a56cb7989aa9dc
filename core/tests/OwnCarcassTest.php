<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Trends\CarcassSize;
use DeftBlade\Core\Trends\NewWindow;
use DeftBlade\Core\Trends\OwnCarcass;
use DeftBlade\Core\Trends\Recalibrate;
use DeftBlade\Core\Trends\WeighedCarcass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a school's own carcasses would make of a standard. */
final class OwnCarcassTest extends TestCase
{
    /** Records drawn from known shares give those shares back within their error, outliers or not, and their windows hold most of them; of every standard that ships. */
    #[DataProvider('standards')]
    public function testKnownSharesComeBack(string $key): void
    {
        $standard = self::standard($key);
        $random = new Randomizer(new Mt19937(crc32($key)));
        $truth = array_map(static fn($it): float => $it->expectation->share * (1 + $random->getInt(-80, 80) / 1_000), $standard->cuts->pieces);
        $records = [];
        for ($index = 0; $index < 150; $index++) {
            $apMg = $random->getInt(1_500_000, 2_500_000);
            // One tray in fifteen was typed wrong.
            $slip = $index % 15 === 0 ? 3.0 : 1.0;
            $records[] = WeighedCarcass::of($apMg, array_map(static fn(float $share): int => (int) round($slip * $apMg * $share * (1 + array_sum(array_map(static fn(): int => $random->getInt(-20, 20), range(1, 6))) / 1_000)), $truth), []);
        }
        $own = new OwnCarcass(new Recalibrate($standard, $records, 0.95, 0.9, 20));
        foreach ($own->windows as $it) {
            self::assertEqualsWithDelta($truth[$it->piece->id], $it->own->median, 0.01 * $truth[$it->piece->id], $it->piece->id);
            if ($it->low === null) {
                self::assertSame(WindowBasis::Mass, $it->piece->window->basis);

                continue;
            }
            $good = array_filter($records, static fn(WeighedCarcass $record, int $index): bool => $index % 15 !== 0, ARRAY_FILTER_USE_BOTH);
            $within = array_filter($good, static fn(WeighedCarcass $record): bool => $record->pieces[$it->piece->id] >= $it->low && $record->pieces[$it->piece->id] <= $it->high);
            self::assertGreaterThanOrEqual(0.92, count($within) / count($good), $it->piece->id);
        }
        self::assertEqualsWithDelta(1.0, array_sum($own->shares), 1e-9);
    }

    /** What it proposes is a standard that can be published, and says nothing else than another carcass and other windows. */
    #[DataProvider('standards')]
    public function testTheDocumentItProposesIsSound(string $key): void
    {
        $standard = self::standard($key);
        $own = new OwnCarcass(new Recalibrate($standard, self::alike($standard, 30), 0.95, 0.9, 20));
        $document = (new ShippedDocuments())->standard($key);
        $before = json_encode($document, JSON_THROW_ON_ERROR);
        $changed = $own->in($document);
        self::assertSame($before, json_encode($document, JSON_THROW_ON_ERROR), 'the published one stays');
        self::assertSame([], Standard::examine($changed)->problems);
        $read = Standard::read(Node::of($changed, 'standard'));
        foreach ($own->windows as $it) {
            $it->low === null
                ? self::assertEquals($it->piece->window->basis, $read->cuts->pieces[$it->piece->id]->window->basis)
                : self::assertSame([$it->low, $it->high], [$read->cuts->pieces[$it->piece->id]->window->low, $read->cuts->pieces[$it->piece->id]->window->high]);
        }
        foreach ($read->carcass->parts as $part) {
            self::assertSame($own->shares[$part->id], $part->share);
        }
        foreach (['criteria', 'faults', 'card', 'tray', 'time'] as $kept) {
            self::assertEquals($document->{$kept} ?? null, $changed->{$kept} ?? null);
        }
        self::assertTrue($own->isOf($document));
        self::assertEquals($document->pieces, $own->carcassIn($document)->pieces, 'another standard keeps its windows');
    }

    /** @return array<string, array{string}> one of each kind of carcass */
    public static function standards(): array
    {
        return ['chicken' => ['chicken-eight-piece'], 'skewers by mass' => ['chicken-skewer-set'], 'fish' => ['sea-trout-fillets-ribs-on-frame'], 'lamb' => ['lamb-leg-by-the-seam'], 'quail' => ['quail-boned']];
    }

    public function testUnderTwentyNothingIsProposed(): void
    {
        $standard = self::standard('chicken-eight-piece');
        $few = new OwnCarcass(new Recalibrate($standard, self::alike($standard, 19), 0.95, 0.9, 20));
        self::assertFalse($few->proposes());
        self::assertSame([], array_filter($few->windows, static fn(NewWindow $it): bool => $it->low !== null));
        self::assertTrue((new OwnCarcass(new Recalibrate($standard, self::alike($standard, 20), 0.95, 0.9, 20)))->proposes());
    }

    public function testAnotherCarcassIsNotThisOne(): void
    {
        $own = new OwnCarcass(new Recalibrate(self::standard('chicken-eight-piece'), [], 0.95, 0.9, 20));
        self::assertTrue($own->isOf((new ShippedDocuments())->standard('chicken-spatchcock')));
        self::assertFalse($own->isOf((new ShippedDocuments())->standard('quail-boned')));
        $other = (new ShippedDocuments())->standard('chicken-spatchcock');
        array_pop($other->carcass->parts);
        self::assertFalse($own->isOf($other), 'a part of it is missing');
    }

    public function testTheLighterAndTheHeavierHalfAreTheWhole(): void
    {
        $all = array_map(static fn(int $it): WeighedCarcass => WeighedCarcass::of($it, [], []), [1_500_000, 2_000_000, 1_700_000, 1_900_000, 1_600_000]);
        self::assertSame([1_500_000, 1_700_000, 1_600_000], array_map(static fn(WeighedCarcass $it): int => $it->apMg, CarcassSize::Lighter->of($all)));
        self::assertCount(2, CarcassSize::Heavier->of($all));
        self::assertSame($all, CarcassSize::All->of($all));
        self::assertSame([], CarcassSize::Heavier->of([]));
    }

    /** @return list<WeighedCarcass> */
    private static function alike(Standard $standard, int $count): array
    {
        return array_map(static fn(int $it): WeighedCarcass => WeighedCarcass::of(2_000_000, array_map(static fn($piece): int => (int) round(2_000_000 * $piece->expectation->share * (1 + $it % 7 / 100)), $standard->cuts->pieces), []), range(1, $count));
    }

    private static function standard(string $key): Standard
    {
        return Standard::read(Node::of((new ShippedDocuments())->standard($key), 'standard'));
    }
}
