<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\RebuildLots;
use App\Models\LotRow;
use App\Models\NeedRow;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** What coming practicals and menus need is matched to what is on hand, and what nobody needs is told before it goes over its day. */
final class NeedsTest extends TestCase
{
    public function testANeedIsMetFromWhatMustGoFirstAndTakenOut(): void
    {
        $this->as('marit');
        $lot = $this->thighs();
        $need = self::need($lot, ['mass_mg' => 1_000_000]);
        $this->send($need)->assertOk();
        $this->send($need)->assertOk();
        $told = $this->told($need['id']);
        self::assertSame([1_000_000, 0, 0, 'Lunch'], [$told['wanted_mg'], $told['served_mg'], $told['short_mg'], $told['text']]);
        self::assertSame(1_000_000, array_sum(array_column($told['lots'], 'mass_mg')));
        $days = array_map(static fn(array $it): int => $it['lot']['days_left'] ?? 999, $told['lots']);
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days);

        $this->send(...array_map(static fn(array $it): array => self::capture(['kind' => 'move', 'lot' => $it['lot']['id'], 'to' => 'service', 'mass_mg' => $it['mass_mg'], 'need' => $need['id'], 'text' => 'Lunch']), $told['lots']))->assertOk();
        $served = $this->told($need['id']);
        self::assertSame([1_000_000, 0, []], [$served['served_mg'], $served['short_mg'], $served['lots']]);
    }

    public function testWhatIsTakenBackIsNeededAgain(): void
    {
        $this->as('marit');
        $lot = $this->thighs();
        $need = self::need($lot, ['mass_mg' => 500_000]);
        $move = self::capture(['kind' => 'move', 'lot' => $lot->id, 'to' => 'service', 'mass_mg' => 200_000, 'need' => $need['id']]);
        $this->send($need, $move)->assertOk();
        self::assertSame(200_000, $this->told($need['id'])['served_mg']);
        $this->send(self::capture(['kind' => 'void', 'target' => $move['id'], 'reason' => 'The wrong pan']))->assertOk();
        self::assertSame(0, $this->told($need['id'])['served_mg']);
        $this->send(self::capture(['kind' => 'void', 'target' => $need['id'], 'reason' => 'Cancelled']))->assertOk();
        self::assertNull(NeedRow::query()->find($need['id']));
        $this->send(['id' => (string) \Illuminate\Support\Str::uuid7()] + $move)->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].need');
    }

    public function testPiecesWeighWhatThoseOnHandDo(): void
    {
        $this->as('marit');
        $need = self::need($this->thighs(), ['pieces' => 6]);
        $this->send($need)->assertOk();
        $told = $this->told($need['id']);
        self::assertSame(6, $told['pieces']);
        self::assertEqualsWithDelta(6 * 150_000, $told['wanted_mg'], 6 * 40_000, 'a thigh of an eight-piece weighs about 150 g');
    }

    public function testANeedInPiecesKeepsItsMassWhenTheLastLotIsUsedUp(): void
    {
        $this->as('marit');
        $lot = $this->thighs();
        LotRow::query()->where('product', 'thigh')->where('id', '<>', $lot->id)->update(['on_hand_mg' => 0]);
        $need = self::need($lot, ['pieces' => 500]);
        $this->send($need)->assertOk();
        $before = $this->told($need['id']);
        self::assertGreaterThan(0, $before['short_mg']);
        $this->send(self::capture(['kind' => 'move', 'lot' => $lot->id, 'to' => 'service', 'mass_mg' => $lot->on_hand_mg, 'need' => $need['id']]))->assertOk();
        $after = $this->told($need['id']);
        self::assertSame([$before['wanted_mg'], $lot->on_hand_mg, $before['short_mg']], [$after['wanted_mg'], $after['served_mg'], $after['short_mg']], 'what is used up weighed what it weighed');
    }

    public function testAPracticalThatIsToComeIsToldWhereItMakesSome(): void
    {
        $this->as('marit');
        $names = array_filter((array) $this->getJson('/api/v1/ledger/needs')->assertOk()->json('products'), static fn(array $it): bool => $it['product'] === 'knuckle');
        $knuckle = array_values($names)[0] ?? self::fail('Friday\'s leg of lamb makes knuckles');
        $need = self::capture(['kind' => 'need', 'species' => $knuckle['species'], 'product' => 'knuckle', 'title' => $knuckle['marked'], 'pieces' => 4, 'on' => now()->addDays(12)->toDateString(), 'to' => 'practical', 'text' => 'Braising']);
        $this->send($need)->assertOk();
        $told = $this->told($need['id']);
        self::assertNotEmpty($told['coming']);
        self::assertSame([$told['wanted_mg'], []], [$told['short_mg'], $told['lots']], 'what is to come is not on hand');
        self::assertSame(intdiv($told['coming'][0]['mass_mg'], $told['coming'][0]['pieces']) * 4, $told['wanted_mg']);
    }

    public function testWhatNobodyAsksForIsToldTwoDaysBeforeItsDay(): void
    {
        $this->as('marit');
        $spare = fn(): array => array_column((array) $this->getJson('/api/v1/ledger/needs')->assertOk()->json('spare'), null, 'lot');
        $before = $spare();
        foreach ($before as $id => $it) {
            $lot = LotRow::query()->findOrFail($id);
            self::assertTrue($lot->use_by !== null && $lot->use_by->between(now()->startOfDay(), now()->addDays(2)));
            self::assertLessThanOrEqual($lot->on_hand_mg, $it['mass_mg']);
        }
        $whole = array_filter($before, static fn(array $it): bool => LotRow::query()->findOrFail($it['lot'])->on_hand_mg === $it['mass_mg']);
        $lot = LotRow::query()->findOrFail((string) array_key_first($whole));
        self::assertNotSame([], $before[$lot->id]['becomes']);
        $bench = $this->getJson('/api/v1/bench')->assertOk()->json('spare');
        self::assertSame([count($before), array_sum(array_column($before, 'mass_mg'))], [$bench['lots'], $bench['mass_mg']]);
        $this->send(self::need($lot, ['mass_mg' => $lot->on_hand_mg, 'on' => now()->toDateString()]))->assertOk();
        self::assertArrayNotHasKey($lot->id, $spare(), 'somebody needs all of it');
    }

    public function testTheRowsAreWhatTheyAreRebuiltTo(): void
    {
        $this->as('marit')->send(self::need($this->thighs(), ['pieces' => 6]), self::need($this->thighs(), ['mass_mg' => 1]))->assertOk();
        $rows = static fn(): array => NeedRow::query()->orderBy('id')->get()->toArray();
        $kept = $rows();
        NeedRow::query()->update(['text' => 'x', 'pieces' => null]);
        $this->app?->make(RebuildLots::class)->rebuild();
        self::assertSame($kept, $rows());
    }

    public function testStudentsSeeNoneOfIt(): void
    {
        $this->as('amina')->getJson('/api/v1/ledger/needs')->assertForbidden();
    }

    private function thighs(): LotRow
    {
        return LotRow::query()->where('product', 'thigh')->where('is_off', false)->where('on_hand_mg', '>', 1_000_000)->where('use_by', '>=', now()->toDateString())->firstOrFail();
    }

    /** @return array<string, mixed> */
    private function told(string $need): array
    {
        return array_column((array) $this->getJson('/api/v1/ledger/needs')->assertOk()->json('needs'), null, 'id')[$need];
    }

    /**
     * @param array<string, mixed> $of
     *
     * @return array<string, mixed>
     */
    private static function need(LotRow $like, array $of): array
    {
        return self::capture($of + ['kind' => 'need', 'species' => $like->species, 'product' => $like->product, 'title' => $like->title, 'on' => now()->toDateString(), 'to' => 'service', 'text' => 'Lunch']);
    }

    /**
     * @param array<string, mixed> ...$facts
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(array ...$facts): TestResponse
    {
        return $this->postJson('/api/v1/ledger/facts', ['device' => 'Tablet', 'facts' => $facts]);
    }
}
