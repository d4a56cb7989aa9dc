<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Standard\Standard;

/** The lists of a standard that a fact may name something of. */
enum KnownIn: string
{
    case Piece = 'piece';
    case Bin = 'bin';
    case Criterion = 'criterion';
    case Fault = 'fault';
    case Checkpoint = 'checkpoint';
    case Defect = 'defect';

    public function has(Standard $standard, string $id): bool
    {
        $things = match ($this) {
            self::Piece => $standard->cuts->pieces,
            self::Bin => $standard->cuts->bins,
            self::Criterion => $standard->criteria,
            self::Fault => $standard->faults,
            self::Checkpoint => $standard->checkpoints,
            self::Defect => $standard->defects,
        };

        return isset($things[$id]);
    }
}
