<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** What the standard itself is looked at by, of one tray. */
final readonly class JudgedTray
{
    /**
     * @param array<string, float>     $points by criterion, where it was judged
     * @param array<string, list<int>> $levels that any assessor gave, by criterion
     * @param array<string, bool>      $within by piece that was weighed: in its window
     * @param float|null               $ofTime running time as a share of the standard time with the student's own factor; null where none is set or none was taken
     */
    public function __construct(public array $points, public array $levels, public array $within, public ?float $ofTime) {}
}
