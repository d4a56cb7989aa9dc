<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use App\Models\Brief;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\LotWeight;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** What a class made becomes lots, and every gram of them goes somewhere. */
final class LedgerTest extends TestCase
{
    public function testAClassIsPutAwayInOneRequest(): void
    {
        $this->as('marit');
        $before = $this->tables();
        self::assertSame(0, $before['account']['put_away_mg']);
        self::assertSame($before['account']['delivered_mg'], $before['account']['cuts_mg'] + $before['account']['by_products_mg'] + $before['account']['waste_mg'] + $before['account']['open_mg'] + $before['account']['loss_mg']);
        $facts = array_map(fn(array $it): array => $this->lotOf($it), $before['proposals']);
        $this->send(...$facts)->assertOk()->assertJsonCount(count($facts), 'lots');

        $after = $this->tables();
        self::assertSame([], $after['proposals']);
        self::assertSame([], $after['changed']);
        self::assertSame(array_sum(array_column($before['proposals'], 'mass_mg')), $after['account']['put_away_mg']);
        self::assertSame($after['account']['put_away_mg'], array_sum(array_column($after['lots'], 'on_hand_mg')));
        self::assertSame(['Breast', 'Thigh', 'Drumstick', 'Wing'], array_slice(array_values(array_unique(array_column($before['proposals'], 'title'))), 0, 4));
    }

    public function testSaysHowLongCarcassesWereOutOfTheCold(): void
    {
        $this->as('marit');
        $cold = fn(): array => array_column((array) $this->getJson("/api/v1/assessments/{$this->practical()->id}/put-away")->assertOk()->json('cold'), null, 'station');
        self::assertArrayNotHasKey(9, $cold());
        $chill = fn(string $event, int $minutesAgo): array => self::capture(['kind' => 'chill', 'event' => $event, 'at' => now()->subMinutes($minutesAgo)->utc()->format('Y-m-d\TH:i:s.v\Z')]);
        $this->postJson("/api/v1/attempts/{$this->station(9)->id}/captures", ['device' => 'Tablet', 'captures' => [$chill('out', 90), $chill('in', 60), $chill('out', 20)]])->assertOk();
        self::assertEqualsWithDelta(30 * 60_000, $cold()[9]['out_ms'], 2);
        self::assertNotNull($cold()[9]['since_ms']);
    }

    public function testALotSaysWhichCarcassesItIsOf(): void
    {
        $this->as('marit');
        $lot = $this->made('thigh');
        $told = $this->getJson("/api/v1/ledger/lots/{$lot['id']}")->assertOk()->assertJsonPath('delivery', null)->json();
        self::assertNotEmpty($told['stations']);
        self::assertEmpty(array_diff($told['stations'], range(1, 12)));
        $older = LotRow::query()->where('product', 'thigh')->whereRelation('assessment', 'title', 'Chicken eight-piece, rehearsal')->firstOrFail();
        $this->getJson("/api/v1/ledger/lots/$older->id")->assertOk()->assertJsonPath('delivery.supplier', 'Saltmarsh Provisions');
    }

    public function testByProductsKnowWhereTheyGo(): void
    {
        $to = array_column($this->as('marit')->tables()['proposals'], 'destination', 'product');
        self::assertEquals(['stock' => 'stock', 'fat' => 'render', 'trim' => 'mince', 'waste' => 'waste', 'scrape' => 'mince', 'thigh' => null], array_intersect_key($to, ['stock' => 1, 'fat' => 1, 'trim' => 1, 'waste' => 1, 'scrape' => 1, 'thigh' => 1]));
    }

    public function testALateWeightIsProposedAndACorrectionIsTold(): void
    {
        $this->as('marit');
        $this->send($this->lotOf($this->proposal('thigh')))->assertOk();
        $this->postJson("/api/v1/attempts/{$this->station(9)->id}/captures", ['device' => 'Tablet', 'captures' => [self::capture(['kind' => 'piece', 'piece' => 'thigh.left', 'mass_mg' => 171_000])]])->assertOk();
        self::assertSame([171_000], array_column(array_filter($this->tables()['proposals'], static fn(array $it): bool => $it['product'] === 'thigh' && ! $it['is_off']), 'mass_mg'), 'only what was weighed since');
        $this->postJson("/api/v1/attempts/{$this->station(1)->id}/captures", ['device' => 'Tablet', 'captures' => [self::capture(['kind' => 'piece', 'piece' => 'thigh.left', 'mass_mg' => 100_000])]])->assertOk();
        $changed = $this->tables()['changed'];
        self::assertSame([[1, 100_000, 'Thigh']], array_map(static fn(array $it): array => [$it['station'], $it['now_mg'], $it['title']], $changed));
    }

    public function testWhatIsMovedIsNoLongerOnHandAndNeverBelowZero(): void
    {
        $this->as('marit');
        $lot = $this->made('thigh');
        $half = intdiv($lot['mass_mg'], 2);
        $this->send(self::fact('move', ['lot' => $lot['id'], 'to' => 'service', 'mass_mg' => $half]))->assertOk()->assertJsonPath('lots.0.on_hand_mg', $lot['mass_mg'] - $half)->assertJsonPath('lots.0.moved.service', $half);
        $this->send(self::fact('move', ['lot' => $lot['id'], 'to' => 'staff', 'mass_mg' => $lot['mass_mg']]))->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].mass_mg');
        $this->send(self::fact('move', ['lot' => $lot['id'], 'to' => 'waste', 'mass_mg' => 1]))->assertUnprocessable()->assertJsonPath('errors.0.detail', 'say why it is thrown away');
        $this->expectException(QueryException::class);
        DB::table('lots')->where('id', $lot['id'])->update(['on_hand_mg' => -1]);
    }

    public function testAllOfARequestOrNoneOfIt(): void
    {
        $this->as('marit');
        $lot = $this->lotOf($this->proposal('wing'));
        $this->send($lot, self::fact('move', ['lot' => $lot['id'], 'to' => 'service', 'mass_mg' => $lot['mass_mg'] + 1]))->assertUnprocessable();
        self::assertNull(LotRow::query()->find($lot['id']));
        self::assertNull(LotEntry::query()->find($lot['id']));
        self::assertNotSame([], array_filter($this->tables()['proposals'], static fn(array $it): bool => $it['product'] === 'wing'));
    }

    public function testTheSameRequestAgainChangesNothing(): void
    {
        $this->as('marit');
        $lot = $this->lotOf($this->proposal('wing'));
        $move = self::fact('move', ['lot' => $lot['id'], 'to' => 'service', 'mass_mg' => 5_000]);
        $first = $this->send($lot, $move)->assertOk()->json();
        $count = LotEntry::query()->count();
        self::assertSame($first, $this->send($lot, $move)->assertOk()->json());
        self::assertSame($count, LotEntry::query()->count());
        $this->send(['mass_mg' => 6_000] + $move)->assertConflict();
        $this->as('teodor')->send($move)->assertConflict();
    }

    public function testAWeightBelongsToOneLot(): void
    {
        $this->as('marit');
        $lot = $this->lotOf($this->proposal('wing'));
        $this->send($lot)->assertOk();
        $this->as('teodor')->send(['id' => (string) Str::uuid7()] + $lot)->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].weights[0]')->assertJsonPath('errors.0.detail', 'is put away already');
        $this->send(self::fact('void', ['target' => $lot['id'], 'reason' => 'The wrong pan']))->assertOk()->assertJsonPath('gone.0', $lot['id']);
        self::assertSame(0, LotWeight::query()->where('lot_id', $lot['id'])->count());
        $this->send(['id' => (string) Str::uuid7()] + $lot)->assertOk();
    }

    public function testTwoPansOfOneProductAreTwoLotsWithTheirOwnWeights(): void
    {
        $this->as('marit');
        $proposal = $this->proposal('thigh');
        $parts = array_chunk($proposal['weights'], (int) ceil(count($proposal['weights']) / 2));
        $pans = array_map(fn(array $weights, int $of): array => ['weights' => array_column($weights, 'capture'), 'mass_mg' => array_sum(array_column($weights, 'mass_mg')), 'container' => 'Pan '.($of + 1), 'id' => (string) Str::uuid7()] + $this->lotOf($proposal), $parts, array_keys($parts));
        $this->send(...$pans)->assertOk()->assertJsonCount(2, 'lots');
        self::assertSame($proposal['mass_mg'], array_sum(array_column($pans, 'mass_mg')));
        self::assertNotContains('thigh', array_column(array_filter($this->tables()['proposals'], static fn(array $it): bool => ! $it['is_off']), 'product'));
    }

    public function testDividesWeighsAndFreezes(): void
    {
        $this->as('marit');
        $lot = $this->made('drumstick');
        $today = now()->toDateString();
        $part = self::fact('divide', ['lot' => $lot['id'], 'mass_mg' => 200_000, 'container' => 'Pan 2']);
        $this->send($part, self::fact('freeze', ['lot' => $part['id'], 'on' => $today]), self::fact('weigh', ['lot' => $lot['id'], 'mass_mg' => $lot['mass_mg'] - 9_000]))->assertOk();
        $this->getJson("/api/v1/ledger/lots/{$part['id']}")->assertOk()->assertJsonPath('lot.use_by', null)->assertJsonPath('lot.frozen_since', $today)->assertJsonPath('lot.parent', $lot['id'])->assertJsonPath('lot.container', 'Pan 2');
        $this->getJson("/api/v1/ledger/lots/{$lot['id']}")->assertOk()->assertJsonPath('lot.pan_off_mg', -9_000)->assertJsonPath('lot.on_hand_mg', $lot['mass_mg'] - 200_000)->assertJsonCount(4, 'entries')->assertJsonPath('entries.0.by', 'Marit Oyelaran');
    }

    public function testGibletsAreWeighedApartAndALiverGoesIntoNoStock(): void
    {
        $this->as('marit');
        self::assertSame(['liver', 'heart', 'gizzard', 'neck'], array_column($this->tables()['giblets'], 'product'));
        $livers = self::fact('put_away', ['assessment' => $this->practical()->id, 'product' => 'liver', 'off' => false, 'weights' => [], 'mass_mg' => 420_000, 'made' => now()->toDateString()]);
        $this->send($livers)->assertOk()->assertJsonPath('lots.0.title', 'Livers');
        $this->send(self::fact('move', ['lot' => $livers['id'], 'to' => 'stock', 'mass_mg' => 1]))->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].to');
    }

    public function testFishIsCookedOnlyUntilItsRecordIsThere(): void
    {
        $this->as('marit');
        $lot = LotRow::query()->where('class', 'fish')->where('product', 'trim')->firstOrFail();
        $this->getJson("/api/v1/ledger/lots/$lot->id")->assertJsonPath('lot.is_cooked_only', true)->assertJsonPath('lot.allergen', 'fish');
        $this->send(self::fact('raw', ['lot' => $lot->id, 'treatment' => 'minus_20_7_days', 'text' => 'Freezer log']))->assertOk()->assertJsonPath('lots.0.is_cooked_only', false)->assertJsonPath('lots.0.raw_text', 'Freezer log');
    }

    public function testTheSchoolChoosesHowLongRawProductKeeps(): void
    {
        $this->as('marit');
        $lot = $this->made('wing');
        self::assertSame(1, $lot['days_left'], 'poultry: today and tomorrow');
        $school = $this->getJson('/api/v1/school');
        $this->patchJson('/api/v1/school', ['variants' => ['keeping' => 'week']], ['If-Match' => (string) $school->headers->get('ETag')])->assertOk();
        $this->artisan('lots:rebuild')->assertSuccessful();
        $this->getJson("/api/v1/ledger/lots/{$lot['id']}")->assertJsonPath('lot.days_left', 6);
    }

    public function testTheRowsAreWhatTheyAreRebuiltTo(): void
    {
        $this->as('marit')->made('thigh');
        $rows = static fn(): array => [LotRow::query()->orderBy('id')->get()->toJson(), LotWeight::query()->orderBy('attempt_id')->orderBy('slot')->get()->toJson()];
        $before = $rows();
        self::assertNotSame('[]', $before[0]);
        $this->artisan('lots:rebuild')->assertSuccessful();
        self::assertSame($before, $rows());
    }

    /** RFC 9562: the version is the first digit of the third group. */
    public function testAFactHasAnIdThatTellsItsTime(): void
    {
        $fact = $this->as('marit')->lotOf($this->proposal('thigh'));
        foreach (['0190f5a0-0000-4000-8000-000000000001', '0190f5a0-0000-1000-8000-000000000001', 'thigh'] as $id) {
            $this->send(['id' => $id] + $fact)->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].id');
        }
        $this->send($fact)->assertOk();
    }

    public function testTheCursorTellsWhatIsNew(): void
    {
        $this->as('marit');
        $next = $this->getJson('/api/v1/ledger/lots')->assertOk()->json('next');
        $this->getJson("/api/v1/ledger/facts?after=$next")->assertOk()->assertJsonPath('lots', [])->assertJsonPath('next', $next);
        $lot = $this->made('thigh');
        $news = $this->as('teodor')->getJson("/api/v1/ledger/facts?after=$next")->assertOk()->assertJsonPath('lots.0.id', $lot['id']);
        self::assertGreaterThan($next, $news->json('next'));
        $this->getJson('/api/v1/ledger/facts')->assertOk()->assertJsonPath('lots', [])->assertJsonPath('next', $news->json('next'));
        $this->getJson('/api/v1/ledger/facts?after=x')->assertUnprocessable();
    }

    public function testBonesGoIntoAPotAndItsStockIsCooled(): void
    {
        $this->as('marit');
        $bones = $this->lotOf($this->proposal('stock'));
        $move = self::fact('move', ['lot' => $bones['id'], 'to' => 'stock', 'mass_mg' => $bones['mass_mg']]);
        $this->send($bones, $move)->assertOk();
        $waiting = $this->waiting($move['id']);
        self::assertSame('Bones for stock', $waiting['title']);
        self::assertStringContainsString('vegetables', $waiting['plan']);
        $pot = self::fact('pot', ['use' => 'stock', 'moves' => [$move['id']]]);
        $this->send($pot)->assertOk();
        self::assertNull($this->waiting($move['id']));
        $this->send(self::fact('void', ['target' => $move['id'], 'reason' => 'x']))->assertUnprocessable()->assertJsonPath('errors.0.detail', 'is in a pot; take the pot back first');
        $this->send(self::fact('pot', ['use' => 'stock', 'moves' => [$move['id']]]))->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].moves[0]');
        $this->send(self::fact('pot', ['use' => 'render', 'moves' => [$move['id']]]))->assertUnprocessable();

        $tin = self::fact('draw', ['pot' => $pot['id'], 'volume_ml' => 3_000, 'made' => now()->toDateString(), 'container' => 'Tall tin']);
        $this->send(self::fact('pot_step', ['pot' => $pot['id'], 'step' => 'skimmed']), $tin)->assertOk()->assertJsonPath('lots.0.title', 'Stock')->assertJsonPath('lots.0.on_hand_mg', 3_000_000)->assertJsonPath('lots.0.days_left', 3);
        $this->getJson('/api/v1/ledger/pots')->assertOk()->assertJsonPath('pots.0.mass_mg', $bones['mass_mg'])->assertJsonPath('pots.0.made_ml', 3_000)->assertJsonPath('pots.0.expected_ml', (int) round($bones['mass_mg'] / 1e6 * 1_040))->assertJsonPath('pots.0.steps.0.step', 'skimmed')->assertJsonPath('pots.0.drawn.0.container', 'Tall tin');

        $at = static fn(int $minutes): array => ['at' => now()->subHours(4)->addMinutes($minutes)->utc()->format('Y-m-d\TH:i:s.v\Z')];
        $this->send($at(0) + self::fact('cool', ['lot' => $tin['id'], 'c' => 57]), $at(60) + self::fact('cool', ['lot' => $tin['id'], 'c' => 30]))->assertOk()->assertJsonPath('lots.0.cooling.verdict', 'open')->assertJsonPath('lots.0.is_barred', false);
        $this->send($at(121) + self::fact('cool', ['lot' => $tin['id'], 'c' => 24]))->assertOk()->assertJsonPath('lots.0.cooling.verdict', 'too_slow_first')->assertJsonPath('lots.0.destinations', ['waste']);
        $this->send(self::fact('move', ['lot' => $tin['id'], 'to' => 'service', 'mass_mg' => 1]))->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].to');
        $this->send(self::fact('freeze', ['lot' => $tin['id'], 'on' => now()->toDateString()]))->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].lot');
        $label = (new Parser())->parseContent((string) $this->get("/api/v1/ledger/labels?lots={$tin['id']}")->assertOk()->getContent())->getText();
        self::assertStringContainsString('DO NOT USE: cooled too slowly', (string) preg_replace('/\s+/', ' ', $label));
        self::assertStringNotContainsString('Use by', $label);
        $this->send(self::fact('void', ['target' => $pot['id'], 'reason' => 'x']))->assertUnprocessable();
        $this->send(self::fact('move', ['lot' => $tin['id'], 'to' => 'waste', 'mass_mg' => 3_000_000, 'text' => 'Cooled too slowly']))->assertOk()->assertJsonPath('lots.0.on_hand_mg', 0);
        $this->artisan('lots:rebuild')->assertSuccessful();
    }

    public function testAPotThatIsTakenBackGivesItsBonesBack(): void
    {
        $this->as('marit');
        $bones = $this->lotOf($this->proposal('stock'));
        $move = self::fact('move', ['lot' => $bones['id'], 'to' => 'stock', 'mass_mg' => $bones['mass_mg']]);
        $pot = self::fact('pot', ['use' => 'stock', 'moves' => [$move['id']]]);
        $this->send($bones, $move, $pot)->assertOk();
        $this->send(self::fact('void', ['target' => $pot['id'], 'reason' => 'Too early']))->assertOk();
        self::assertNotNull($this->waiting($move['id']));
        $this->send(['id' => (string) Str::uuid7()] + $pot)->assertOk();
    }

    public function testWhatIsTakenBackCanBePutAwayAndCookedAnewInTheSameRequest(): void
    {
        $this->as('marit');
        $anew = static fn(array $fact): array => ['id' => (string) Str::uuid7()] + $fact;
        $bones = $this->lotOf($this->proposal('stock'));
        $again = $anew($bones);
        $this->send($bones, self::fact('void', ['target' => $bones['id'], 'reason' => 'The wrong tub']), $again)->assertOk()->assertJsonPath('gone', [$bones['id']])->assertJsonPath('lots.0.id', $again['id']);
        self::assertSame([$again['id']], LotWeight::query()->whereIn('lot_id', [$bones['id'], $again['id']])->distinct()->pluck('lot_id')->all());

        $move = self::fact('move', ['lot' => $again['id'], 'to' => 'stock', 'mass_mg' => $again['mass_mg']]);
        $pot = self::fact('pot', ['use' => 'stock', 'moves' => [$move['id']]]);
        $next = $anew($pot);
        $this->send($move, $pot, $next)->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[2].moves[0]');
        self::assertNull(LotEntry::query()->find($pot['id']), 'all of a request or none of it');
        $this->send($move, $pot, self::fact('void', ['target' => $pot['id'], 'reason' => 'Too early']), $next)->assertOk();
        self::assertNull($this->waiting($move['id']), 'it is in the second pot');
        $this->send($anew($pot))->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].moves[0]');
    }

    public function testFishAndPoultryDoNotShareAPot(): void
    {
        $this->as('marit');
        $lot = $this->made('thigh');
        $fish = LotRow::query()->where('class', 'fish')->where('on_hand_mg', '>', 0)->firstOrFail();
        $moves = [self::fact('move', ['lot' => $lot['id'], 'to' => 'stock', 'mass_mg' => 1_000]), self::fact('move', ['lot' => $fish->id, 'to' => 'stock', 'mass_mg' => 1_000])];
        $this->send(...$moves)->assertOk();
        $this->send(self::fact('pot', ['use' => 'stock', 'moves' => array_column($moves, 'id')]))->assertUnprocessable()->assertJsonPath('errors.0.path', 'facts[0].moves[1]');
        $this->send(self::fact('pot_step', ['pot' => (string) Str::uuid7(), 'step' => 'skimmed']))->assertUnprocessable()->assertJsonPath('errors.0.detail', 'no pot has this id');
        $this->send(self::fact('pot', ['use' => 'stock', 'moves' => []]))->assertUnprocessable();
    }

    public function testAWeekAddsUp(): void
    {
        $week = fn(string $days): array => (array) $this->as('ilse')->getJson("/api/v1/ledger/week$days")->assertOk()->json();
        $all = $week('?from='.now()->subDays(10)->toDateString().'&to='.now()->toDateString());
        self::assertGreaterThan(60_000_000, $all['delivered_mg']);
        self::assertSame($all['delivered_mg'], $all['eaten_mg'] + $all['cooked_mg'] + $all['lost_mg'] + $all['here_mg']);
        self::assertContains('Chicken', array_column($all['places'], 'title'));
        self::assertContains('Sea trout', array_column($all['places'], 'title'));
        $onHand = array_sum(array_map(static fn(LotRow $it): int => $it->stage === null ? 0 : $it->on_hand_mg, LotRow::query()->get()->all()));
        self::assertSame($onHand, array_column($all['places'], 'mass_mg', 'id')['on_hand']);
        $csv = (string) $this->get('/api/v1/ledger/week.csv?from='.now()->subDays(10)->toDateString().'&to='.now()->toDateString())->assertOk()->getContent();
        self::assertStringContainsString('Cuts,Service,', $csv);
        self::assertSame([], $week('?from=2001-01-01')['bands']);
        $this->getJson('/api/v1/ledger/week?from=2001-01-02&to=2001-01-01')->assertUnprocessable();
    }

    public function testAClassIsCostedByItsDeliveryAndThePricesOfItsCuts(): void
    {
        $practical = Assessment::query()->where('title', 'Chicken eight-piece, rehearsal')->firstOrFail();
        $cost = fn(): array => (array) $this->getJson("/api/v1/assessments/{$practical->id}/cost")->assertOk()->json();
        $this->as('ilse');
        $id = (string) Str::uuid7();
        $delivery = ['supplier' => 'Saltmarsh Provisions', 'invoice' => 'SP-1', 'pieces' => 12, 'mass_mg' => $cost()['ap_mg'], 'cost_minor' => 10_000];
        $this->putJson("/api/v1/assessments/{$practical->id}/deliveries/$id", $delivery)->assertNoContent();
        $this->putJson("/api/v1/assessments/{$practical->id}/deliveries/$id", $delivery)->assertNoContent();
        self::assertSame(10_000, $cost()['delivery']['cost_minor']);
        $this->putJson("/api/v1/assessments/{$practical->id}/deliveries/$id", ['cost_minor' => 1] + $delivery)->assertConflict();
        $this->putJson("/api/v1/assessments/{$practical->id}/deliveries/".Str::uuid7(), ['mass_mg' => 0] + $delivery)->assertUnprocessable()->assertJsonPath('errors.0.path', 'mass_mg');

        $before = $cost();
        $test = $before['test'];
        $value = 0.0;
        foreach ($before['lines'] as $line) {
            $value += $line['stage'] === 'by_products' ? $line['mass_mg'] / 1e6 * ($line['per_kg_minor'] ?? 0) : 0;
        }
        self::assertSame([10_000, (int) floor($value + 0.5)], [$test['ap_cost_minor'], $test['by_product_value_minor']]);
        self::assertSame($test['net_cost_minor'], array_sum(array_column($before['lines'], 'cost_minor')), 'the costs of the cuts add up to the net cost, to the cent');
        self::assertEqualsWithDelta($test['ep_mg'] / $before['ap_mg'], $test['yield'], 1e-12);
        self::assertNotNull($test['labour_minor']);

        $price = ['species' => 'chicken', 'product' => 'thigh', 'minor' => null, 'source' => 'Not sold any more', 'found_on' => '2026-11-20'];
        $this->putJson('/api/v1/ledger/prices/'.($key = (string) Str::uuid7()), $price)->assertNoContent();
        $this->putJson("/api/v1/ledger/prices/$key", $price)->assertNoContent();
        $this->putJson("/api/v1/ledger/prices/$key", ['minor' => 5] + $price)->assertConflict();
        $this->putJson('/api/v1/ledger/prices/'.Str::uuid7(), ['minor' => -1] + $price)->assertUnprocessable();
        self::assertNull($cost()['test']['saving_minor'], 'without the price of one cut there is nothing to hold it against');
        self::assertSame([], array_filter(array_column($cost()['lines'], 'cost_minor'), is_int(...)));
        $csv = (string) $this->get("/api/v1/assessments/{$practical->id}/cost.csv")->assertOk()->getContent();
        self::assertStringContainsString('Price a kg, EUR', $csv);
        $this->as('amina')->getJson("/api/v1/assessments/{$practical->id}/cost")->assertForbidden();
        $this->as('teodor')->putJson('/api/v1/ledger/prices/'.Str::uuid7(), $price)->assertForbidden();
    }

    public function testCoversAreTakenFromWhatMustGoFirst(): void
    {
        $this->as('marit');
        $fresh = $this->made('thigh');
        $marked = urlencode($fresh['marked']);
        $ask = fn(int $guests): array => (array) $this->getJson("/api/v1/ledger/serving?species=chicken&product=thigh&marked=$marked&target_mg=180000&guests=$guests")->assertOk()->json();
        $serving = $ask(12);
        self::assertSame([1, 0], [$serving['per_plate'], $serving['short_mg']]);
        self::assertSame(12 * $serving['plate_mg'], array_sum(array_column($serving['lots'], 'mass_mg')));
        $days = array_map(static fn(array $it): ?int => $it['lot']['days_left'], $serving['lots']);
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days);
        $many = $ask(500);
        self::assertContains($fresh['id'], array_map(static fn(array $it): string => $it['lot']['id'], $many['lots']));
        self::assertGreaterThan(0, $many['short_mg']);
        $this->getJson('/api/v1/ledger/serving?species=chicken&product=drumstick&marked=Drumstick&target_mg=100000&guests=1')->assertOk()->assertJsonPath('covers', 0)->assertJsonPath('halve_at', null);
        $this->getJson("/api/v1/ledger/serving?species=chicken&product=thigh&marked=$marked&target_mg=0&guests=1")->assertUnprocessable();
    }

    public function testWhatTheBriefReckonedStandsBesideWhatItCost(): void
    {
        $this->as('marit');
        $brief = Brief::query()->where('document->title', 'Crown and legs')->firstOrFail();
        $order = (array) $this->getJson("/api/v1/briefs/$brief->id")->assertOk()->json('lists.0.order');
        self::assertIsInt($order['cost_minor']);
        $practical = Assessment::query()->where('title', 'Skewer set')->firstOrFail();
        $this->getJson("/api/v1/assessments/{$practical->id}/cost")->assertJsonPath('planned_minor', null);
        $practical->update(['brief_id' => $brief->id]);
        $this->getJson("/api/v1/assessments/{$practical->id}/cost")->assertOk()->assertJsonPath('planned_minor', $order['cost_minor']);
    }

    public function testAClassWithoutADeliveryHasNoCost(): void
    {
        $this->as('marit')->getJson("/api/v1/assessments/{$this->practical()->id}/cost")->assertOk()->assertJsonPath('test', null)->assertJsonPath('delivery', null);
    }

    public function testFactsStayAsTheyAre(): void
    {
        $this->expectException(QueryException::class);
        LotEntry::query()->firstOrFail()->update(['device' => 'another']);
    }

    public function testWhatIsOnHandComesFirstThatMustGoFirst(): void
    {
        $lots = (array) $this->as('ilse')->getJson('/api/v1/ledger/lots')->assertOk()->json('lots');
        $days = array_map(static fn(mixed $it): mixed => data_get($it, 'use_by') ?? '9999', $lots);
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days);
        self::assertContains('9999', $days, 'what is frozen comes last');
        self::assertSame(array_sum(array_map(static fn(mixed $it): int => is_int($mg = data_get($it, 'on_hand_mg')) ? $mg : 0, $lots)), $this->getJson('/api/v1/ledger/lots')->json('on_hand_mg'));
    }

    public function testThePracticalsOfTheLastDaysStandThere(): void
    {
        $this->as('ilse')->getJson('/api/v1/ledger')->assertOk()->assertJsonCount(5, 'practicals')->assertJsonPath('practicals.0.title', 'Chicken eight-piece')->assertJsonPath('practicals.0.lots', 0);
    }

    public function testLabelsSayWhatOneMustKnowAndOpenTheLot(): void
    {
        $fish = LotRow::query()->where('class', 'fish')->where('on_hand_mg', '>', 0)->firstOrFail();
        $frozen = LotRow::query()->whereNotNull('frozen_since')->firstOrFail();
        foreach (['a4', 'letter', 'single'] as $size) {
            $pdf = (new Parser())->parseContent((string) $this->as('marit')->get("/api/v1/ledger/labels?lots=$fish->id,$frozen->id&size=$size")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
            $text = (string) preg_replace('/\s+/', ' ', $pdf->getText());
            self::assertStringContainsString('Allergen: fish', $text);
            self::assertStringContainsString('Cooked only', $text);
            self::assertStringContainsString('RAW sea trout', $text);
            self::assertStringContainsString('Frozen '.$frozen->frozen_since?->format('D j M'), $text);
            self::assertStringContainsString('Marit Oyelaran', $text);
            self::assertSame($size === 'single' ? 2 : 1, count($pdf->getPages()), $size);
        }
        $this->get('/api/v1/ledger/labels?lots=&size=a4')->assertUnprocessable();
        $this->get("/api/v1/ledger/labels?lots=$fish->id&size=a5")->assertUnprocessable();
    }

    /** @return array{account: array<string, int>, proposals: list<array<string, mixed>>, changed: list<array<string, mixed>>, lots: list<array<string, mixed>>, giblets: list<array<string, mixed>>} */
    private function tables(?Assessment $assessment = null): array
    {
        return $this->getJson('/api/v1/assessments/'.($assessment ?? $this->practical())->id.'/put-away')->assertOk()->json();
    }

    /** @return array<string, mixed> the lot proposed of a product, of pieces that met the standard */
    private function proposal(string $product): array
    {
        foreach ($this->tables()['proposals'] as $proposal) {
            if ($proposal['product'] === $product && $proposal['is_off'] === false) {
                return $proposal;
            }
        }
        self::fail("no $product lies there");
    }

    /**
     * @param array<string, mixed> $proposal
     *
     * @return array<string, mixed>
     */
    private function lotOf(array $proposal): array
    {
        return self::fact('put_away', ['assessment' => $this->practical()->id, 'product' => $proposal['product'], 'off' => $proposal['is_off'], 'weights' => array_column((array) $proposal['weights'], 'capture'), 'mass_mg' => $proposal['mass_mg'], 'made' => now()->toDateString()]);
    }

    /** @return array<string, mixed>|null what waits for a pot with this move in it */
    private function waiting(string $move): ?array
    {
        $waiting = (array) $this->getJson('/api/v1/ledger/pots')->assertOk()->json('waiting');

        return array_values(array_filter($waiting, static fn(array $it): bool => in_array($move, $it['moves'], true)))[0] ?? null;
    }

    /** @return array<string, mixed> the lot as it stands */
    private function made(string $product): array
    {
        $answer = $this->send($this->lotOf($this->proposal($product)))->assertOk();

        return (array) $answer->json('lots.0');
    }

    /**
     * @param array<string, mixed> $of
     *
     * @return array<string, mixed>
     */
    private static function fact(string $kind, array $of): array
    {
        return self::capture(['kind' => $kind] + $of);
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
