<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Practice\WorthMost;

/** How one person comes on with a standard. */
final readonly class OwnProgress
{
    /**
     * @param list<ReleasedTry>  $released the first first
     * @param list<OwnTray>      $trays    that they practised, the latest first
     * @param list<WorthMost>    $worth    the largest first
     * @param array<string, int> $levels   that assessors gave last, by criterion
     */
    public function __construct(public array $released, public array $trays, public array $worth, public array $levels, public ?OwnCurve $curve) {}

    /** @return array<string, float> points, by id of the criterion, fault or piece they were lost at */
    public function pointsByAbout(): array
    {
        $points = [];
        foreach ($this->worth as $it) {
            $points[$it->latest->about()->id] = $it->points;
        }

        return $points;
    }
}
