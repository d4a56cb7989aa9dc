<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Delivery;
use App\Models\HeldDocuments;
use App\Models\Price;
use App\Models\ResultRow;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\ClassCost;
use DeftBlade\Core\Lots\ClassYield;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\TrayYield;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Database\Eloquent\Collection;

/** What the carcasses of practicals came to for what they cost, from the rows that are kept of results. */
final readonly class ReadCosts
{
    private Currency $currency;

    public function __construct(private ReadTables $tables, School $school)
    {
        $this->currency = $school->currency();
    }

    public function of(Assessment $assessment): CostedClass
    {
        return $this->costed(Assessment::query()->whereKey($assessment->id)->get(), array_filter([$assessment->id => Delivery::of($assessment->id)]))[0];
    }

    /** @return list<CostedClass> the practicals of some days at which a tray was weighed to the end, the earliest first */
    public function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $days = [$from->toDateString(), $to->toDateString()];
        $held = Assessment::query()->whereNull('cancelled')->whereBetween('held_on', $days)
            ->whereExists(ResultRow::query()->selectRaw('1')->whereColumn('results.assessment_id', 'assessments.id')->where('balance', '<>', 'open'))
            ->oldest('held_on')->orderBy('title')->orderBy('id')->get();

        return $this->costed($held, Delivery::between(...$days));
    }

    /** What the standard expects of the same carcasses at the same prices; null where nothing is costed. */
    public function expected(CostedClass $class): ?ClassCost
    {
        if ($class->cost === null) {
            return null;
        }
        $products = $class->yield->products;
        $yield = ClassYield::of($products, ['' => TrayYield::expected($class->standard, $products, $class->yield->apMg)]);

        return $this->cost($yield, $class->cost->test->apCost, $class->prices);
    }

    /** The practical before it that was held against the same standard: of its own group, else of any; null where there is none. */
    public function lastBefore(CostedClass $class): ?CostedClass
    {
        $earlier = Assessment::query()->select('assessments.*')->heldBefore($class->assessment, $class->standard->key)
            ->whereExists(Delivery::query()->selectRaw('1')->whereColumn('deliveries.assessment_id', 'assessments.id'))
            ->orderByRaw('student_group_id = ? DESC', [$class->assessment->student_group_id])->latest('held_on')->first();

        return $earlier === null ? null : $this->of($earlier);
    }

    /**
     * @param Collection<int, Assessment> $assessments
     * @param array<string, Delivery>     $deliveries  by practical
     *
     * @return list<CostedClass>
     */
    private function costed(Collection $assessments, array $deliveries): array
    {
        $assessments->load('group');
        $attempts = Attempt::query()->with('student')->whereIn('assessment_id', $assessments->modelKeys())->get()->groupBy('assessment_id');
        $held = $this->held($assessments);
        $prices = $products = $classes = [];
        foreach ($assessments as $assessment) {
            $standard = $held[$assessment->id];
            $own = $attempts->get($assessment->id, new Collection());
            $products[spl_object_id($standard)] ??= LotProducts::of($standard, $this->tables->kitchen(), $this->tables->classOf($standard->species));
            $prices[$standard->species] ??= Price::of($standard->species);
            $yield = ClassYield::of($products[spl_object_id($standard)], $own->mapWithKeys(static fn(Attempt $it): array => [$it->id => $it->row->yield()])->all());
            $delivery = $deliveries[$assessment->id] ?? null;
            $cost = $delivery === null ? null : $this->cost($yield, $yield->apCost($delivery->mass_mg, $delivery->cost_minor), $prices[$standard->species]);
            $classes[] = new CostedClass($assessment, $own, $standard, $yield, $delivery, $prices[$standard->species], $cost);
        }

        return $classes;
    }

    /** @param array<string, Price> $prices */
    private function cost(ClassYield $yield, int $apCost, array $prices): ?ClassCost
    {
        $perKg = CostedClass::perKg($prices);

        return ClassCost::of($yield, $this->currency, $apCost, $perKg, $perKg[Price::WAGE] ?? null);
    }

    /**
     * The standards that practicals are held against now, each document read once.
     *
     * @param Collection<int, Assessment> $assessments
     *
     * @return array<string, Standard> by practical
     */
    private function held(Collection $assessments): array
    {
        $held = HeldDocuments::query()->whereIn('assessment_id', $assessments->modelKeys())->orderBy('seq')->get(['id', 'assessment_id', 'sha256'])->keyBy('assessment_id');
        $read = [];
        foreach (HeldDocuments::query()->findMany($held->unique('sha256')->map(static fn(HeldDocuments $it): string => $it->id)->all()) as $one) {
            $read[$one->sha256] = Standard::read(Node::of($one->document, 'standard'));
        }

        $standards = [];
        foreach ($held as $one) {
            $standards[$one->assessment_id] = $read[$one->sha256];
        }

        return $standards;
    }
}
