<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Grading\GuardBand;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Grading\PolicyDiff;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Tests\Support\Distortions;
use DeftBlade\Core\Weighing\Mass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A school's own grading policy: everything wrong with it at once, what changed against the version before, and what its decision rule means. */
final class PolicyTest extends TestCase
{
    public function testEveryMistakeIsFoundAtOnce(): void
    {
        $document = self::document();
        $document->colour = 'red';
        $document->title = 7;
        $document->components[0]->fade = 0;
        $document->components[2]->floor = 0.8;
        $document->components[5]->id = 'quality';
        $document->decision->confidence = 1;
        $document->scale->division_mg = 0.5;
        $document->balance->relative = 2;
        $document->caps[1]->when = 'rain';
        $document->bands[1]->min = 85;
        $document->bands[3]->min = 10;
        $document->places = 9;
        self::assertSame([
            'policy.colour', 'policy.title', 'policy.components[0].fade', 'policy.components[2].target', 'policy.components[6].id', 'policy.decision.confidence', 'policy.scale.division_mg',
            'policy.balance.relative', 'policy.caps[1].when', 'policy.bands[1]', 'policy.bands', 'policy.places',
        ], array_map(static fn(InvalidPackage $it): string => $it->path, Policy::examine($document)->problems));
        self::assertNull(Policy::examine($document)->policy);
    }

    public function testWhatIsNotInTheLowestBandPasses(): void
    {
        $policy = Policy::read(Node::of((new ShippedDocuments())->policy('house'), 'policy'));
        $labels = array_map(static fn($it): string => $it->label, $policy->bands);
        self::assertSame(['Distinction', 'Merit', 'Pass'], array_values(array_filter($labels, $policy->passes(...))));
        self::assertFalse($policy->passes($policy->bandOf(0)->label));
    }

    public function testExaminationAndReaderRefuseTheSamePolicies(): void
    {
        self::assertSame([], Policy::examine(self::document())->problems);
        foreach (Distortions::of(self::document(), ['title', 'key', 'version']) as $place => $document) {
            try {
                Policy::read(Node::of($document, 'policy'));
                $first = null;
            } catch (InvalidPackage $refused) {
                $first = $refused->path;
            }
            $examined = Policy::examine($document);
            self::assertSame($first, ($examined->problems[0] ?? null)?->path, $place);
            self::assertSame($first === null, $examined->policy !== null, "$place: a policy with a problem is none");
        }
    }

    /** @param list<string> $words */
    #[DataProvider('changes')]
    public function testSaysWhatChangedInWords(callable $change, array $words): void
    {
        $after = self::document();
        $change($after);
        self::assertSame($words, array_map(Sentences::plain(null)->say(...), PolicyDiff::between(self::document(), $after)));
        self::assertCount(count($words), PolicyDiff::between($after, self::document()), 'the way back has as many');
    }

    /** @return array<string, array{callable(\stdClass): mixed, list<string>}> */
    public static function changes(): array
    {
        return [
            'the version' => [static fn(\stdClass $it) => $it->version = 2, []],
            'a weight' => [static fn(\stdClass $it) => $it->components[0]->weight = 25, ['Portion weights, weight: 18 → 25']],
            'a tolerance' => [static fn(\stdClass $it) => $it->components[1]->tolerance = 0.08, ['Pairs alike, tolerance: 6 % → 8 %']],
            'a component less' => [static function (\stdClass $it): void {
                array_pop($it->components);
            }, ['Components, no longer: Mise en place']],
            'the rule' => [static fn(\stdClass $it) => $it->decision->rule = 'strict', ['Decision, rule: benefit of the doubt → strict']],
            'the confidence' => [static fn(\stdClass $it) => $it->decision->confidence = 0.99, ['Decision, confidence: 95 % → 99 %']],
            'the scale' => [static function (\stdClass $it): void {
                $it->scale->division_mg = 5000;
                $it->scale->in_service = false;
            }, ['Scale, division: 1 g → 5 g', 'Scale, in service: yes → no']],
            'the balance' => [static fn(\stdClass $it) => $it->balance->absolute_mg = 20_000, ['Balance, in mass: 15 g → 20 g']],
            'a cap less' => [static function (\stdClass $it): void {
                array_splice($it->caps, 1, 1);
            }, ['Caps, no longer: a resit']],
            'a cap higher' => [static fn(\stdClass $it) => $it->caps[2]->max = 75, ['Caps, past the time limit, at most: 70 → 75']],
            'a band higher' => [static fn(\stdClass $it) => $it->bands[0]->min = 90, ['Distinction, from: 85 → 90']],
            'rounding' => [static fn(\stdClass $it) => $it->places = 0, ['Decimal places: 1 → 0']],
        ];
    }

    public function testNoDifferenceGoesUntold(): void
    {
        $told = 0;
        foreach (Distortions::of(self::document(), [], ['version']) as $place => $document) {
            if (Policy::examine($document)->problems === [] && json_encode($document) !== json_encode(self::document())) {
                self::assertNotSame([], PolicyDiff::between(self::document(), $document), $place);
                $told++;
            }
        }
        self::assertGreaterThan(10, $told);
    }

    /** By hand (JCGM 106:2012 with u(m) of OIML R 76 and JCGM 100): 300 g at d = 1 g in service, u = √(1/3 + 1/6 + 0.6²) = 0.927 4 g; z(0.95) = 1.644 9. */
    #[TestWith(['benefit', MessageCode::GuardBenefit])]
    #[TestWith(['simple', MessageCode::GuardSimple])]
    #[TestWith(['strict', MessageCode::GuardStrict])]
    public function testGuardBandOfAPieceOf300Grams(string $rule, MessageCode $code): void
    {
        $document = self::document();
        $document->decision->rule = $rule;
        $policy = Policy::read(Node::of($document, 'policy'));
        self::assertEquals(
            Message::of($code, ['piece_mg' => 300_000, 'guard_mg' => 1525, 'confidence_share' => 0.95, 'division_mg' => 1000, 'permissible_mg' => 1000]),
            GuardBand::of($policy, Mass::ofMilligrams(300_000)),
        );
    }

    private static function document(): \stdClass
    {
        return Distortions::copy((new ShippedDocuments())->policy('house'));
    }
}
