<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/** Writes a row down under an id that a screen made; sent again, it is kept once. */
final readonly class KeepOnce
{
    /**
     * @param Model                          $of  the kind of row
     * @param array<string, string|int|null> $row without id, who and when
     *
     * @throws Conflict where the id is taken by another
     */
    public function keep(Model $of, string $id, array $row, User $by): void
    {
        $of->newQuery()->insertOrIgnore(['id' => $id, 'user_id' => $by->id, 'at' => CarbonImmutable::now()] + $row);
        $kept = $of->newQuery()->findOrFail($id)->only(array_keys($row));
        foreach ($row as $key => $value) {
            $said = $kept[$key] instanceof CarbonImmutable ? $kept[$key]->toDateString() : $kept[$key];
            if ($said !== $value) {
                throw Conflict::entryIdTaken($id);
            }
        }
    }
}
