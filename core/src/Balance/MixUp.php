<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

/** Two trays of a class whose weights would balance if something on them had changed places. Reported, never applied. */
final readonly class MixUp
{
    public function __construct(
        public MixUpKind $kind,
        /** The attempt whose tray is over. */
        public string $over,
        /** The attempt whose tray is short. */
        public string $short,
        /** The piece exchanged, or null for a spill. */
        public ?string $piece,
        /** What would be left unaccounted for, in mg. */
        public int $leftMg,
    ) {}
}
