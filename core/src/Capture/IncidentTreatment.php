<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What becomes of the pieces an incident touched: they are thrown away either way. */
enum IncidentTreatment: string
{
    /** They are taken out of the sum, as after a defect on arrival. */
    case Excused = 'excused';
    /** They are missing from the tray. */
    case Voided = 'voided';
}
