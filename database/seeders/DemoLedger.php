<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ReadTables;
use App\Actions\RecordLots;
use App\Models\Assessment;
use App\Models\Delivery;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\LotWeight;
use App\Models\Price;
use App\Models\ResultRow;
use App\Models\Role;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\Destination;
use DeftBlade\Core\Lots\LaidOut;
use DeftBlade\Core\Lots\LotProductKind;
use DeftBlade\Core\Lots\Proposal;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;

/**
 * What became of the cuts of the earlier practicals: breasts were served, legs, thighs and fillets frozen, the rest lies in the cold. Three pots of stock
 * were made of the bones, one of which cooled too slowly and is barred; old trim was minced. The bones of yesterday wait for their pot. Thighs are asked for by
 * Friday's class, and fillets by the restaurant.
 */
final class DemoLedger extends Seeder
{
    private const SERVED = ['breast', 'oysters'];

    private const FROZEN = ['leg', 'thigh', 'flats', 'fillet'];

    /** Thawed today, for the class of Friday. */
    private const THAWED = ['thigh'];

    private const DEVICE = 'Tablet in the cold room';

    /** By title of the practical: how much stock was made, and how it cooled, in °C by minutes after it was drawn. */
    private const POTS = [
        'Truss first' => [6_200, [0 => 84, 30 => 57, 90 => 38, 150 => 29, 210 => 22]],
        'Sea trout fillets' => [3_400, [0 => 82, 15 => 56, 75 => 20, 240 => 5]],
        'Chicken eight-piece, rehearsal' => [7_000, [0 => 86, 20 => 57, 105 => 21, 300 => 4.5]],
    ];

    /** A kilogram of carcass, in cents; invented. */
    private const CARCASSES = ['chicken' => 520, 'sea trout' => 1_850];

    /** A kilogram, in cents; invented. */
    private const PRICES = [
        'chicken' => ['breast' => 1_390, 'thigh' => 780, 'drumstick' => 590, 'wing' => 520, 'leg' => 720, 'breast-dice' => 1_450, 'thigh-dice' => 990, 'leg-strips' => 850, 'tenders' => 1_550, 'skin' => 250, 'flats' => 520, 'oysters' => 1_600, 'stock' => 90, 'fat' => 120, 'trim' => 350, 'scrape' => 350],
        'sea trout' => ['fillet' => 3_450, 'stock' => 150, 'trim' => 900, 'scrape' => 900],
        '' => [Price::WAGE => 1_950],
    ];

    /** By product: how many pieces are needed, in how many days, where they go, and what for. */
    private const NEEDS = [
        'thigh' => [12, 1, 'practical', 'Skewers, Friday\'s canapé class'],
        'fillet' => [10, 2, 'service', 'Dinner in the training restaurant'],
    ];

    private CarbonImmutable $today;

    private User $instructor;

    public function __construct(private readonly RecordLots $recording, private readonly ReadTables $tables) {}

    public function run(School $school): void
    {
        $this->today = $school->today();
        $this->instructor = User::query()->where('role', Role::Instructor)->firstOrFail();
        foreach (Assessment::query()->where('held_on', '<', $this->today->toDateString())->orderBy('held_on')->get() as $assessment) {
            $this->putAway($assessment);
            $this->deliver($assessment);
        }
        $this->ask();
        foreach (self::PRICES as $species => $prices) {
            foreach ($prices as $product => $minor) {
                Price::query()->create(['id' => (string) Str::uuid7(), 'species' => $species, 'product' => $product, 'minor' => $minor, 'source' => 'Saltmarsh Provisions, price list', 'found_on' => $this->today->subDays(9)->toDateString(), 'user_id' => $this->instructor->id, 'at' => CarbonImmutable::now()]);
            }
        }
    }

    private function ask(): void
    {
        foreach (self::NEEDS as $product => [$pieces, $days, $to, $text]) {
            $like = LotRow::query()->where('product', $product)->where('is_off', false)->where('on_hand_mg', '>', 0)->latest('made_on')->orderBy('id')->first();
            if ($like !== null) {
                $need = ['kind' => 'need', 'species' => $like->species, 'product' => $product, 'title' => $like->title, 'pieces' => $pieces, 'on' => $this->today->addDays($days)->toDateString(), 'to' => $to, 'text' => $text];
                $this->record([$need], CarbonImmutable::now()->subMinutes(20));
            }
        }
    }

    private function deliver(Assessment $assessment): void
    {
        $mass = (int) ResultRow::query()->where('assessment_id', $assessment->id)->sum('delivered_mg');
        $species = $assessment->held->document->species ?? null;
        $perKg = is_string($species) ? self::CARCASSES[$species] ?? null : null;
        if ($perKg !== null && $mass > 0) {
            Delivery::query()->create(['id' => (string) Str::uuid7(), 'assessment_id' => $assessment->id, 'supplier' => 'Saltmarsh Provisions', 'invoice' => 'SP-'.$assessment->held_on->format('md'), 'pieces' => $assessment->attempts()->count(), 'mass_mg' => $mass, 'cost_minor' => intdiv($mass * $perKg, 1_000_000), 'user_id' => $this->instructor->id, 'at' => CarbonImmutable::now()]);
        }
    }

    private function putAway(Assessment $assessment): void
    {
        $kitchen = $this->tables->kitchen();
        $pan = 0;
        $moves = [];
        foreach ($this->tables->of($assessment)->proposals(LotWeight::of($assessment)) as $proposal) {
            $lot = (string) Str::uuid7();
            $facts = [self::made($proposal, $lot, $assessment, ++$pan)];
            $to = $kitchen->destinationOf($proposal->product) ?? $this->kitchenOf($proposal);
            if ($to !== null) {
                $move = (string) Str::uuid7();
                $moves[$to->value] = [...$moves[$to->value] ?? [], $move];
                $facts[] = ['kind' => 'move', 'id' => $move, 'lot' => $lot, 'to' => $to->value, 'mass_mg' => $proposal->massMg(), 'text' => self::words($to)];
            } elseif (in_array($proposal->product->id, self::FROZEN, true)) {
                $facts[] = ['kind' => 'freeze', 'lot' => $lot, 'on' => $assessment->held_on->toDateString()];
            }
            $this->record($facts, $assessment->held_on->addHours(14)->addMinutes($pan));
            if ($to === null && in_array($proposal->product->id, self::THAWED, true)) {
                $this->record([['kind' => 'thaw', 'lot' => $lot, 'on' => $this->today->toDateString()]], CarbonImmutable::now()->subMinutes(30));
            }
        }
        $this->cook($assessment, $moves[Destination::Stock->value] ?? []);
        if ($assessment->held_on < $this->today->subDay()) {
            $this->mince($assessment, $moves[Destination::Mince->value] ?? []);
        }
    }

    /** @param list<string> $trim moves to the mincer */
    private function mince(Assessment $assessment, array $trim): void
    {
        if ($trim === []) {
            return;
        }
        [$pot, $bowl] = [(string) Str::uuid7(), (string) Str::uuid7()];
        $mass = array_sum(LotEntry::query()->findMany($trim)->map(static fn(LotEntry $it): int => is_int($it->payload->mass_mg) ? $it->payload->mass_mg : 0)->all());
        $this->record([
            ['kind' => 'pot', 'id' => $pot, 'use' => 'mince', 'moves' => $trim],
            ['kind' => 'draw', 'id' => $bowl, 'pot' => $pot, 'mass_mg' => $mass, 'made' => $assessment->held_on->toDateString(), 'container' => 'Bowl'],
            ['kind' => 'move', 'lot' => $bowl, 'to' => 'staff', 'mass_mg' => $mass, 'text' => 'Staff lunch'],
        ], $assessment->held_on->addHours(16));
    }

    /** @param list<string> $bones moves to the stock pot */
    private function cook(Assessment $assessment, array $bones): void
    {
        [$volume, $cooled] = self::POTS[$assessment->title] ?? [null, []];
        if ($volume === null || $bones === []) {
            return;
        }
        $pot = (string) Str::uuid7();
        $tin = (string) Str::uuid7();
        $start = $assessment->held_on->addHours(15);
        $drawn = $start->addHours(4);
        $this->record([['kind' => 'pot', 'id' => $pot, 'use' => 'stock', 'moves' => $bones]], $start);
        $this->record([['kind' => 'pot_step', 'pot' => $pot, 'step' => 'skimmed']], $start->addMinutes(40));
        $this->record([['kind' => 'pot_step', 'pot' => $pot, 'step' => 'strained'], ['kind' => 'draw', 'id' => $tin, 'pot' => $pot, 'volume_ml' => $volume, 'made' => $assessment->held_on->toDateString(), 'container' => 'Tall tin']], $drawn);
        foreach ($cooled as $minutes => $celsius) {
            $this->record([['kind' => 'cool', 'lot' => $tin, 'c' => $celsius]], $drawn->addMinutes($minutes));
        }
    }

    private function kitchenOf(Proposal $proposal): ?Destination
    {
        return match (true) {
            $proposal->product->kind !== LotProductKind::Piece => null,
            $proposal->isOff => Destination::Staff,
            in_array($proposal->product->id, self::SERVED, true) => Destination::Service,
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function made(Proposal $proposal, string $lot, Assessment $assessment, int $pan): array
    {
        return [
            'kind' => 'put_away',
            'id' => $lot,
            'assessment' => $assessment->id,
            'product' => $proposal->product->id,
            'off' => $proposal->isOff,
            'weights' => array_map(static fn(LaidOut $it): string => $it->capture, $proposal->weights),
            'mass_mg' => $proposal->massMg(),
            'made' => $assessment->held_on->toDateString(),
            'container' => "Pan $pan",
        ];
    }

    private static function words(Destination $to): string
    {
        return match ($to) {
            Destination::Service => 'Dinner service',
            Destination::Staff => 'Staff lunch',
            Destination::Waste => 'Tendons, gills and drip',
            default => 'After class',
        };
    }

    /** @param list<array<string, mixed>> $facts */
    private function record(array $facts, CarbonImmutable $at): void
    {
        $sent = array_map(static fn(array $fact, int $index): \stdClass => (object) ($fact + ['id' => (string) Str::uuid7(), 'at' => $at->addSeconds($index)->utc()->format('Y-m-d\TH:i:s.v\Z')]), $facts, array_keys($facts));
        $this->recording->record($sent, $this->instructor, self::DEVICE);
    }
}
