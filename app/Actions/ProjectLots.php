<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LotRow;
use App\Models\PotRow;
use DeftBlade\Core\Ledger\CoolingReading;
use DeftBlade\Core\Lots\Lot;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\LotWithdrawal;

/** Keeps the rows that lists of lots read. */
final readonly class ProjectLots
{
    private const AT_ONCE = 500;

    public function __construct(private ReadTables $tables, private ProjectPots $pots, private ProjectNeeds $needs) {}

    /** @param array<LotBook> $books each of whole families */
    public function project(array $books): void
    {
        $kitchen = $this->tables->kitchen();
        $byClass = $ofPots = [];
        foreach ($books as $book) {
            foreach ($book->lots as $lot) {
                $lot->origin->assessment === null ? $ofPots[] = $lot : $byClass[$lot->origin->assessment][] = $lot;
            }
        }
        foreach ($byClass as $assessment => $lots) {
            self::keep($this->ofClass($assessment, $lots, $kitchen));
        }
        // A pot is of the class of product of the lots that went into it.
        $this->pots->project($books);
        $this->needs->project($books);
        self::keep($this->ofPots($ofPots, $kitchen));
        LotRow::query()->whereIn('id', self::gone($books))->delete();
    }

    /** @param list<array<string, mixed>> $rows */
    private static function keep(array $rows): void
    {
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            LotRow::query()->upsert($some, ['id']);
        }
    }

    /**
     * @param list<Lot> $lots
     *
     * @return list<array<string, mixed>>
     */
    private function ofClass(string $assessment, array $lots, LotKitchen $kitchen): array
    {
        $standard = $this->tables->standardOf($assessment);
        $class = $this->tables->classOf($standard->species);
        $products = LotProducts::of($standard, $kitchen, $class);

        return array_map(static function (Lot $lot) use ($standard, $products, $kitchen, $class): array {
            $product = $products->products[$lot->origin->product];

            return ['title' => $product->title, 'kind' => $product->kind->value, 'stage' => $product->stage()?->value, 'species' => $standard->species, 'class' => $class] + self::row($lot, $kitchen->daysOf($class));
        }, $lots);
    }

    /**
     * @param list<Lot> $lots
     *
     * @return list<array<string, mixed>>
     */
    private function ofPots(array $lots, LotKitchen $kitchen): array
    {
        $pots = PotRow::query()->findMany(array_map(static fn(Lot $it): string => $it->origin->family, $lots))->keyBy('id');

        return array_map(static function (Lot $lot) use ($pots, $kitchen): array {
            $pot = $pots->get($lot->origin->family) ?? throw new \LogicException('what is drawn comes from a pot');

            return ['title' => $kitchen->pot($pot->use)->title, 'kind' => null, 'stage' => null, 'species' => $pot->species, 'class' => $pot->class] + self::row($lot, $kitchen->daysOf($pot->class, $pot->use));
        }, $lots);
    }

    /** @return array<string, mixed> */
    private static function row(Lot $lot, int $days): array
    {
        return [
            'id' => $lot->id,
            'family_id' => $lot->origin->family,
            'parent_id' => $lot->parent,
            'assessment_id' => $lot->origin->assessment,
            'use' => $lot->origin->use?->value,
            'product' => $lot->origin->product,
            'is_off' => $lot->origin->isOff,
            'container' => $lot->container,
            'made_on' => $lot->origin->made->format('Y-m-d'),
            'use_by' => $lot->useBy($days)?->format('Y-m-d'),
            'frozen_since' => $lot->frozenSince?->format('Y-m-d'),
            'mass_mg' => $lot->massMg,
            'on_hand_mg' => $lot->onHandMg(),
            'divided_mg' => $lot->dividedMg,
            'pan_off_mg' => $lot->panOffMg(),
            'moved' => json_encode((object) $lot->movedMg, JSON_THROW_ON_ERROR),
            'counted' => json_encode($lot->counted, JSON_THROW_ON_ERROR),
            'raw' => $lot->raw === null ? null : json_encode(['treatment' => $lot->raw->treatment->value, 'text' => $lot->raw->text], JSON_THROW_ON_ERROR),
            'cooling' => self::cooling($lot),
        ];
    }

    private static function cooling(Lot $lot): ?string
    {
        $cooling = $lot->cooling();
        $readings = array_map(static fn(CoolingReading $it): array => ['at_ms' => $it->atMs, 'c' => $it->c], $lot->cooled);

        return $cooling === null ? null : json_encode(['readings' => $readings] + $cooling->answer(), JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<LotBook> $books
     *
     * @return list<string> lots whose making was taken back
     */
    private static function gone(array $books): array
    {
        $gone = [];
        foreach ($books as $book) {
            foreach ($book->facts as $fact) {
                if ($fact instanceof LotWithdrawal) {
                    $gone[] = $fact->target;
                }
            }
        }

        return $gone;
    }
}
