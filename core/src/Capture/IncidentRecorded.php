<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Work was stopped for safety. It stays on record: it can be added to, and never withdrawn. */
final readonly class IncidentRecorded extends Capture
{
    /** @param list<string> $pieces that blood or the fall touched */
    public function __construct(
        string $id,
        int $at,
        string $by,
        public IncidentKind $what,
        public string $text,
        public array $pieces,
        public IncidentTreatment $treatment,
    ) {
        parent::__construct($id, $at, $by);
    }
}
