<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How the stations of a room stand: rows of station numbers, from the wall to the door.
 *
 * @property string          $name
 * @property list<list<int>> $rows
 */
final class Room extends Model
{
    private const ABREAST = 4;

    private const ABREAST_IN_A_LARGE_ROOM = 6;

    private const LARGE = 13;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $fillable = ['name', 'rows'];

    /**
     * The rows of a room for the stations of a class: as they were arranged, what is new at the end.
     *
     * @param list<int> $stations
     *
     * @return list<list<int>>
     */
    public static function rowsFor(string $name, array $stations): array
    {
        $known = self::query()->find($name)->rows ?? [];
        $rows = array_map(static fn(array $row): array => array_values(array_intersect($row, $stations)), $known);
        $unplaced = array_values(array_diff($stations, array_merge([], ...$rows)));

        return array_values(array_filter([...$rows, ...array_chunk($unplaced, count($stations) >= self::LARGE ? self::ABREAST_IN_A_LARGE_ROOM : self::ABREAST)]));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rows' => 'array'];
    }
}
