<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use DeftBlade\Core\Weighing\Mass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cut lists and the partition rule: everything else follows from which set a part is in. */
final class StandardTest extends TestCase
{
    public function testMovingAPartMovesWhatIsExpected(): void
    {
        $before = self::read(Package::shipped());
        $after = self::read(Package::shipped()->with(static function (\stdClass $it): void {
            $wing = $it->standard->pieces[6];
            $wing->parts = array_values(array_diff($wing->parts, ['drumette_meat.left', 'drumette_bone.left']));
            $it->standard->pieces[0]->parts = [...$it->standard->pieces[0]->parts, 'drumette_meat.left', 'drumette_bone.left'];
        }));
        $ap = Mass::ofMilligrams(2_000_000);
        $expected = static fn(Standard $it, string $piece): int => $it->cuts->pieces[$piece]->expectation->massFor($ap)->mg;
        // A first-bone breast: drumette meat 3.6 % and bone 1.5 % of both sides together.
        self::assertSame(51_000, $expected($after, 'breast.left') - $expected($before, 'breast.left'));
        self::assertSame(-51_000, $expected($after, 'wing.left') - $expected($before, 'wing.left'));
        self::assertGreaterThan($before->cuts->pieces['breast.left']->window->high, $after->cuts->pieces['breast.left']->window->high);
    }

    public function testSpreadOfAPieceIsTheRootOfTheSquares(): void
    {
        $breast = self::read(Package::shipped())->cuts->pieces['breast.left']->expectation;
        self::assertEqualsWithDelta(0.0975 + 0.021 + 0.016, $breast->share, 1e-12);
        self::assertEqualsWithDelta(sqrt((0.0975 * 0.08) ** 2 + (0.021 * 0.08) ** 2 + (0.016 * 0.12) ** 2), $breast->sd, 1e-12);
    }

    /** @param callable(\stdClass): mixed $break */
    #[DataProvider('broken')]
    public function testSaysWhatIsWrongWithAStandardAndWhere(string $message, callable $break): void
    {
        self::assertStringStartsWith($message, Refused::when(static fn(): Standard => self::read(Package::shipped()->with($break))));
    }

    /** @return array<string, array{string, callable(\stdClass): mixed}> */
    public static function broken(): array
    {
        return [
            'no piece' => ['standard.pieces: a cut list has at least one piece', static fn(\stdClass $it) => $it->standard->pieces = []],
            'piece of nothing, no window' => ['standard.pieces[8]: ghost holds no part with a spread', static fn(\stdClass $it) => $it->standard->pieces[] = (object) ['id' => 'ghost', 'parts' => []]],
            'pair of one' => ['standard.pairs[0]: a pair names two different pieces', static fn(\stdClass $it) => $it->standard->pairs[0] = ['breast.left', 'breast.left']],
            'pair with a stranger' => ['standard.pairs[0][1]: the standard has no piece “tail”', static fn(\stdClass $it) => $it->standard->pairs[0][1] = 'tail'],
            'levels without points' => ['standard.criteria[0].levels: at least one level must earn points', static fn(\stdClass $it) => $it->standard->criteria[0]->levels = [(object) ['points' => 0, 'text' => 'x']]],
            'weightless criterion' => ['standard.criteria[0].weight: must be more than 0', static fn(\stdClass $it) => $it->standard->criteria[0]->weight = 0],
            'limit under clean' => ['standard.frame.limit_mg: must be above clean_mg', static fn(\stdClass $it) => $it->standard->frame->limit_mg = 1],
            'limit under the standard time' => ['standard.time.limit_ms: must be above standard_ms', static fn(\stdClass $it) => $it->standard->time->limit_ms = 1],
            'excuse of no kind' => ['standard.defects[0].excuses[0]: must begin with', static fn(\stdClass $it) => $it->standard->defects[0]->excuses = ['wing.left']],
            'unknown basis' => ['standard.pieces[0].window.basis: “weight” is none of share, mass', static fn(\stdClass $it) => $it->standard->pieces[0]->window = (object) ['basis' => 'weight', 'low' => 0, 'high' => 1]],
            'empty id' => ['standard.faults[0].id: must be an identifier', static fn(\stdClass $it) => $it->standard->faults[0]->id = ''],
        ];
    }

    public function testIdsThatLookLikeNumbersAreOnlyIds(): void
    {
        $package = Package::plain('pairs', tolerance: 0.06, fade: 1.0)->with(static function (\stdClass $it): void {
            [$it->standard->pieces[0]->id, $it->standard->pieces[1]->id, $it->standard->bins[0]->id] = ['1', '2', '3'];
            $it->standard->pairs = [['1', '2']];
        })->attempt('7', []);
        $package->document->attempts[0]->captures = array_map(static fn(int $piece): \stdClass => (object) [
            'id' => (string) $piece, 'at' => '2026-03-02T10:00:00Z', 'by' => '9', 'kind' => 'piece', 'piece' => (string) $piece, 'mass_mg' => 300_000,
        ], [1, 2]);
        self::assertSame([100.0, '1'], [$package->first()['components'][0]['score'], $package->first()['pieces'][0]['id']]);
    }

    private static function read(Package $package): Standard
    {
        return Standard::read(Node::decode($package->json())->at('standard'));
    }
}
