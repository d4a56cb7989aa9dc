<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** One thing that is worth a look in the editor. */
final readonly class Finding
{
    /**
     * @param string|null $place  id of the criterion or piece; null of the time
     * @param string|null $other  the criterion that goes with it
     * @param int|null    $level  counted from 0
     * @param float       $figure the share, difficulty, discrimination or correlation that says so
     * @param int         $trays  it rests on
     */
    public function __construct(public FindingKind $kind, public ?string $place, public ?string $other, public ?int $level, public float $figure, public int $trays) {}
}
