<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Carcass;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Weighing\Mass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What must hold of every standard that ships, whoever adds the next. */
final class ShippedStandardsTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function keys(): array
    {
        return array_column(array_map(static fn(string $key): array => [$key, [$key]], (new ShippedDocuments())->keys()), 1, 0);
    }

    #[DataProvider('keys')]
    public function testItReadsAndItsPiecesAreWithinTheirWindows(string $key): void
    {
        $standard = self::read($key);
        self::assertSame($key, $standard->key);
        foreach ($standard->cuts->pieces as $piece) {
            self::assertGreaterThan($piece->window->low, $piece->expectation->share, $piece->id);
            self::assertLessThan($piece->window->high, $piece->expectation->share, $piece->id);
        }
        $held = array_merge(...array_map(static fn(Piece|Bin $it): array => $it->parts, [...array_values($standard->cuts->pieces), ...array_values($standard->cuts->bins)]));
        self::assertEqualsCanonicalizing(array_keys($standard->carcass->parts), $held);
    }

    /** AP weights of the trade (common practice), in kg; a quail by the hundred grams. */
    #[TestWith(['chicken', 1.6, 2.1, 'bird'])]
    #[TestWith(['duck', 1.9, 2.8, 'bird'])]
    #[TestWith(['turkey', 4.5, 7.5, 'bird'])]
    #[TestWith(['quail', 0.14, 0.23, 'bird'])]
    #[TestWith(['salmon', 3.0, 6.5, 'round-fish'])]
    #[TestWith(['sea-trout', 1.2, 3.2, 'round-fish'])]
    #[TestWith(['lamb-leg', 1.5, 2.5, 'leg'])]
    public function testACarcassWeighsWhatItsKindDoesAndIsDrawnByItsPlan(string $key, float $least, float $most, string $plan): void
    {
        $shipped = new ShippedDocuments();
        $document = (object) array_intersect_key((array) $shipped->carcass($key), ['key' => true, 'title' => true, 'parts' => true]);
        $carcass = Carcass::read(Node::of($document, 'carcass'));
        $typical = $shipped->typicalMassOf($carcass);
        self::assertNotNull($typical);
        $kg = array_map(static fn(Mass $it): float => $it->mg / 1e6, [$typical->low, $typical->usual, $typical->high]);
        self::assertSame([$least, ...$kg, $most], self::sorted([$least, ...$kg, $most]));
        self::assertSame($plan, $shipped->planOf($carcass)->key ?? null);

        $document->key = 'own-kind';
        $own = Carcass::read(Node::of($document, 'carcass'));
        self::assertSame([$plan, null], [$shipped->planOf($own)->key ?? null, $shipped->typicalMassOf($own)]);
    }

    /**
     * @param list<float> $figures
     *
     * @return list<float>
     */
    private static function sorted(array $figures): array
    {
        sort($figures);

        return $figures;
    }

    #[DataProvider('keys')]
    public function testItsTrayCardAndCautionsAreComplete(string $key): void
    {
        $document = (new ShippedDocuments())->standard($key);
        self::assertEqualsCanonicalizing(array_column($document->pieces, 'id'), array_column($document->tray->places, 'place'));
        self::assertCount(count($document->pieces), array_unique(array_map(static fn(\stdClass $it): string => "{$it->column}/{$it->row}", $document->tray->places)));
        self::assertGreaterThanOrEqual(3, count($document->card));
        foreach ($document->card as $step) {
            self::assertNotContains('', [$step->do, $step->look, $step->hand, $step->fault]);
        }
        self::assertStringContainsString('local codes', mb_strtolower(implode(' ', $document->cautions)));
    }

    #[DataProvider('keys')]
    public function testItsCriteriaAreStepsOfItsOwnAndCountInTheSchoolPolicy(string $key): void
    {
        $components = array_column((new ShippedDocuments())->policy('house')->components, 'id');
        $standard = self::read($key);
        self::assertGreaterThanOrEqual(10, count($standard->criteria));
        foreach ([...$standard->criteria, ...$standard->faults] as $item) {
            self::assertContains($item->component, $components, $item->id);
        }
        foreach ($standard->criteria as $criterion) {
            $points = array_map(static fn($level): float => $level->points, $criterion->levels);
            self::assertSame(range(0.0, count($points) - 1.0), $points, $criterion->id);
            self::assertContains(count($points), [4, 5], $criterion->id);
            self::assertCount(count($points), array_unique(array_column($criterion->levels, 'text')));
            self::assertDoesNotMatchRegularExpression('/\b(good|bad|nice|poor|excellent)\b/i', implode(' ', array_column($criterion->levels, 'text')));
        }
    }

    #[DataProvider('keys')]
    public function testAFaultlessTrayScoresFullAndAnEmptyOneDoesNotCrash(string $key): void
    {
        $document = (new ShippedDocuments())->standard($key);
        $standard = self::read($key);
        $carcass = Mass::ofMilligrams((new ShippedDocuments())->carcass($standard->carcass->key)->typical_mg->usual);
        $weights = [];
        $portions = [];
        foreach ([...$standard->cuts->pieces, ...$standard->cuts->bins] as $place) {
            $grams = $place->expectation->massFor($carcass)->mg / 1000;
            if ($place instanceof Piece && $place->portions !== null) {
                $portions[$place->id] = array_fill(0, $place->portions->count, round($grams / $place->portions->count, 1));
            } else {
                $weights[$place->id] = $grams;
            }
        }
        $best = array_map(static fn(Criterion $it): int => count($it->levels) - 1, $standard->criteria);
        $package = Package::shipped()->with(static function (\stdClass $it) use ($document): void {
            $it->standard = $document;
            $it->format = PackageFormat::neededBy(Node::of($it))->value;
            $it->policy->scale->division_mg = 100;
        })->attempt('full', ['ap' => $carcass->mg / 1000, ...$weights, 'portions' => $portions, ...($standard->frame === null ? [] : ['scrape' => 0]), 'levels' => $best, 'clock' => [0 => 'start', 300 => 'stop']])->attempt('empty', []);
        [$full, $empty] = $package->grade()['attempts'];
        self::assertEquals(['final', 100.0, []], [$full['status'], $full['total'], $full['reasons']]);
        self::assertSame('void', $empty['status']);
    }

    /** Common practice: a leg of lamb parts into seven cuts; a first-bone breast keeps the drumette; turkey oysters weigh 85 to 115 g each, here of a 6 kg bird. */
    public function testFactsOfTheTrade(): void
    {
        self::assertCount(7, self::read('lamb-leg-by-the-seam')->cuts->pieces);
        self::assertContains('drumette_bone.left', self::read('chicken-first-bone-set')->cuts->pieces['breast.left']->parts);
        $oyster = self::read('turkey-large-party')->cuts->pieces['oyster.left']->expectation->massFor(Mass::ofMilligrams(6_000_000));
        self::assertGreaterThanOrEqual(85_000, $oyster->mg);
        self::assertLessThanOrEqual(115_000, $oyster->mg);
    }

    /** Common practice: a sauté cut counts thirteen and serves eight, its four breast portions within 10 % of each other; dice of a skewer set vary by 15 % at most. */
    public function testSetsAndGroupsOfTheTrade(): void
    {
        $saute = self::read('chicken-saute-13');
        $sets = array_map(static fn(Piece $it): int => $it->portions->count ?? 1, $saute->cuts->pieces);
        $counted = array_filter(array_map(static fn(Bin $it): int => $it->count, $saute->cuts->bins), static fn(int $count): bool => $count > 1);
        self::assertSame(13, array_sum($sets) + array_sum($counted), 'a set counts each of its portions, a container only where it says how many');
        self::assertCount(8, array_filter(array_keys($saute->cuts->pieces), static fn(string $id): bool => ! str_starts_with($id, 'winglet')));
        self::assertSame([4, 0.1], [count($saute->matches[0]->pieces), $saute->matches[0]->tolerance]);
        $breasts = array_map(static fn(string $id): float => $saute->cuts->pieces[$id]->expectation->share, $saute->matches[0]->pieces);
        self::assertLessThan(0.1 * array_sum($breasts) / 4, max($breasts) - min($breasts));
        $dice = self::read('chicken-skewer-set')->cuts->pieces['breast-dice'];
        self::assertSame(0.15, $dice->portions?->limit);
        // A 25 mm cube of lean meat at 1.05 g/cm³ (from memory) weighs 16.4 g.
        self::assertEqualsWithDelta(16.4, $dice->expectation->massFor(Mass::ofMilligrams(1_850_000))->mg / 1000 / $dice->portions->count, 2.0);
    }

    /**
     * IMPS (USDA, Institutional Meat Purchase Specifications, series 200), from memory: 234 "leg, boneless" parts by its seams into inside, outside (eye and
     * flat), knuckle and sirloin; shank off. The AP is hip bone out, shank on, as of item 233 less its hip bone; boneless, rolled and tied is 234. The boneless yield of such a leg comes to 70 to 80 % in handbook tables (from memory).
     */
    public function testTheLegOfLambAgainstItsPurchaseSpecification(): void
    {
        $share = static fn(string $key): float => array_sum(array_map(static fn(Piece $it): float => $it->expectation->share, self::read($key)->cuts->pieces));
        self::assertSame([], array_diff(['top_round', 'flat', 'eye_round', 'knuckle', 'sirloin', 'shank'], array_keys(self::read('lamb-leg-by-the-seam')->cuts->pieces)));
        self::assertGreaterThanOrEqual(0.70, $share('lamb-leg-rolled'));
        self::assertLessThanOrEqual(0.80, $share('lamb-leg-rolled'));
    }

    /** 9 CFR 381.170(b): a wing is the whole wing, of drumette, flat and tip; a thigh may hold pelvic meat (the oyster) and no back bone; a drumstick ends at the knee. */
    public function testPartsOfABirdAreThoseOfTheRegulation(): void
    {
        $eight = self::read('chicken-eight-piece')->cuts;
        $stems = static fn(string $piece): array => array_map(static fn(string $part): string => explode('.', $part)[0], $eight->pieces[$piece]->parts);
        self::assertContains('oyster', $stems('thigh.left'));
        self::assertNotContains('back', $stems('thigh.left'));
        self::assertNotContains('thigh_bone', $stems('drumstick.left'));
        self::assertEqualsCanonicalizing(['wing_flat', 'drumette_meat', 'drumette_bone', 'wing_tip'], [...$stems('wing.left'), 'wing_tip']);
        self::assertContains('wing_tip.left', $eight->bins['stock']->parts);
    }

    /** A judged stop on the way names what is judged there, and every shipped one does. */
    #[DataProvider('keys')]
    public function testItsCheckpointsAreJudged(string $key): void
    {
        foreach (self::read($key)->checkpoints as $checkpoint) {
            self::assertNotSame([], $checkpoint->criteria);
            self::assertNotNull($checkpoint->time);
        }
        self::assertSame(str_contains($key, 'truss'), self::read($key)->checkpoints !== []);
    }

    /** Common practice: yellow boards for raw poultry, blue for raw fish, red for raw meat; and nobody judges the wings of a fish. */
    #[DataProvider('keys')]
    public function testItSpeaksOfItsOwnProduct(string $key): void
    {
        $standard = self::read($key);
        $text = json_encode([(new ShippedDocuments())->standard($key)->criteria, (new ShippedDocuments())->standard($key)->faults], JSON_THROW_ON_ERROR);
        [$board, $strangers] = match ($standard->species) {
            'salmon', 'sea trout' => ['blue', '/\b(birds?|wings?|breasts?|thighs?|femur)\b/i'],
            'lamb' => ['red', '/\b(birds?|wings?|breasts?|thighs?|fillets?)\b/i'],
            default => ['yellow', '/\b(fish|femur|pin bones)\b/i'],
        };
        self::assertStringContainsString("steadied $board board", $text);
        self::assertSame(0, preg_match($strangers, $text, $found), $found[0] ?? '');
    }

    /** FAO, yield tables of fish processing: skin-on salmon fillets of a gutted, head-on fish come to roughly 60 to 68 % (from memory of the tables). */
    public function testSalmonFilletYield(): void
    {
        $share = static fn(string $key): float => array_sum(array_map(static fn(Piece $it): float => $it->expectation->share, self::read($key)->cuts->pieces));
        foreach (['salmon-fillets-ribs-trimmed', 'sea-trout-fillets-ribs-on-frame'] as $key) {
            self::assertGreaterThanOrEqual(0.60, $share($key));
            self::assertLessThanOrEqual(0.68, $share($key));
        }
        self::assertLessThan($share('salmon-fillets-ribs-trimmed'), $share('salmon-side-skinned'));
    }

    /** Every part of a shipped carcass, split or not, has its place on the plan of its cut map; joints are between parts of the plan. */
    #[DataProvider('keys')]
    public function testThePlanHoldsEveryPart(string $key): void
    {
        $shipped = new ShippedDocuments();
        $standard = self::read($key);
        $plan = $shipped->plan($standard->carcass->key);
        $planned = [...array_merge(...array_merge(...array_column($plan->bands, 'columns'))), ...$plan->apart];
        $parts = array_unique(array_map(static fn(string $part): string => explode('.', $part)[0], array_keys($standard->carcass->parts)));
        self::assertSame([], array_diff($parts, $planned));
        self::assertSame($planned, array_values(array_unique($planned)));
    }

    private static function read(string $key): Standard
    {
        return Standard::read(Node::of((new ShippedDocuments())->standard($key), 'standard'));
    }
}
