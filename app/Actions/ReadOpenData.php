<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PublishedStandard;
use DeftBlade\Core\Trends\OpenCarcass;
use DeftBlade\Core\Trends\OpenData;

/** Reads the weights of a school's carcasses to be given to others. */
final readonly class ReadOpenData
{
    private const ISO_WEEK = 'o-\WW';

    public function __construct(private MarkedTrays $trays, private PractisedStandards $standards) {}

    public function of(PublishedStandard $published): OpenData
    {
        $trays = array_filter($this->trays->of($published->key), static fn(MarkedTray $it): bool => $it->weighed() !== null);

        return new OpenData($this->standards->of($published->latest())->standard, array_map(static fn(MarkedTray $it): OpenCarcass => new OpenCarcass(
            $it->student,
            $it->class->held_on->format(self::ISO_WEEK),
            $it->row->delivered_mg,
            MarkedTray::masses($it->row->masses),
            MarkedTray::masses($it->row->bins),
            $it->row->worked_s > 0 ? $it->row->worked_s : null,
        ), array_values($trays)));
    }
}
