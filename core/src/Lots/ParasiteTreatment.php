<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** What makes raw fish fit to be served raw (FDA Food Code 2022, 3-402.11). */
enum ParasiteTreatment: string
{
    /** −20 °C or below for 168 hours. */
    case Week = 'minus_20_7_days';
    /** Frozen solid at −35 °C or below, and held there for 15 hours. */
    case Blast = 'minus_35_15_hours';
    /** The species or its feed is exempt; the supplier's letter is kept. */
    case Exempt = 'exempt';
}
