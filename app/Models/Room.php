<?php

declare(strict_types=1);

namespace App\Models;

/**
 * How the stations of a room stand: rows of station numbers, from the wall to the door.
 *
 * @property string          $name
 * @property list<list<int>> $rows
 * @property int             $version grows with every change
 */
final class Room extends StoredModel
{
    private const ABREAST = 4;

    private const ABREAST_IN_A_LARGE_ROOM = 6;

    private const LARGE = 13;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $fillable = ['name', 'rows', 'version'];

    /** The room of this name; one that nobody arranged yet is empty. */
    public static function named(string $name): self
    {
        return self::query()->find($name) ?? new self(['name' => $name, 'rows' => [], 'version' => 0]);
    }

    /**
     * The rows for the stations of a class: as they were arranged, what is new at the end.
     *
     * @param list<int> $stations
     *
     * @return list<list<int>>
     */
    public function rowsFor(array $stations): array
    {
        $rows = array_map(static fn(array $row): array => array_values(array_intersect($row, $stations)), $this->rows);
        $unplaced = array_values(array_diff($stations, array_merge([], ...$rows)));

        return array_values(array_filter([...$rows, ...array_chunk($unplaced, count($stations) >= self::LARGE ? self::ABREAST_IN_A_LARGE_ROOM : self::ABREAST)]));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rows' => 'array', 'version' => 'int'];
    }
}
