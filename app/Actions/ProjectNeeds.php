<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\NeedRow;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\NeedAsked;

/** Keeps the rows of what is needed. */
final readonly class ProjectNeeds
{
    /** @param array<LotBook> $books each of whole families */
    public function project(array $books): void
    {
        foreach ($books as $book) {
            foreach ($book->facts as $fact) {
                if (! $fact instanceof NeedAsked) {
                    continue;
                }
                if (isset($book->needs[$fact->id])) {
                    NeedRow::query()->upsert([self::row($fact)], ['id']);
                } else {
                    NeedRow::query()->whereKey($fact->id)->delete();
                }
            }
        }
    }

    /** @return array<string, mixed> */
    private static function row(NeedAsked $need): array
    {
        return [
            'id' => $need->id,
            'species' => $need->of->species,
            'product' => $need->of->product,
            'title' => $need->of->title,
            'pieces' => $need->pieces,
            'mass_mg' => $need->massMg,
            'needed_on' => $need->on->format('Y-m-d'),
            'destination' => $need->to->value,
            'text' => $need->for,
        ];
    }
}
