<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\LotRow;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\Lot;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Standard\Standard;

/** Keeps the rows that lists of lots read. */
final readonly class ProjectLots
{
    private const AT_ONCE = 500;

    public function __construct(private ReadTables $tables) {}

    /** @param array<LotBook> $books each of whole families */
    public function project(array $books): void
    {
        $kitchen = $this->tables->kitchen();
        $rows = $families = [];
        foreach ($books as $book) {
            foreach ($book->lots as $lot) {
                $families[$lot->origin->assessment][] = $lot;
            }
        }
        foreach ($families as $assessment => $lots) {
            $standard = Standard::read(Node::of(Assessment::query()->findOrFail($assessment)->held->document, 'standard'));
            $class = $this->tables->classOf($standard->species);
            $products = LotProducts::of($standard, $kitchen, $class);
            foreach ($lots as $lot) {
                $rows[] = ['assessment_id' => $assessment, 'title' => $products->products[$lot->origin->product]->title, 'species' => $standard->species, 'class' => $class] + self::row($lot, $kitchen->daysOf($class));
            }
        }
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            LotRow::query()->upsert($some, ['id']);
        }
        LotRow::query()->whereIn('id', self::gone($books))->delete();
    }

    /** @return array<string, mixed> */
    private static function row(Lot $lot, int $days): array
    {
        return [
            'id' => $lot->id,
            'family_id' => $lot->origin->id,
            'parent_id' => $lot->parent,
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
            'raw' => $lot->raw === null ? null : json_encode(['treatment' => $lot->raw->treatment->value, 'text' => $lot->raw->text], JSON_THROW_ON_ERROR),
        ];
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
            foreach (array_keys($book->facts) as $id) {
                if ($book->isWithdrawn($id)) {
                    $gone[] = $id;
                }
            }
        }

        return $gone;
    }
}
