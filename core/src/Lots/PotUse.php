<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** What a pot, a pan or a mincer makes of what goes into it. */
enum PotUse: string
{
    case Stock = 'stock';
    case Render = 'render';
    case Mince = 'mince';

    /** What went there may go into it. */
    public function destination(): Destination
    {
        return match ($this) {
            self::Stock => Destination::Stock,
            self::Render => Destination::Render,
            self::Mince => Destination::Mince,
        };
    }

    /** What is made is hot, and has to be cooled in time. */
    public function isHot(): bool
    {
        return $this !== self::Mince;
    }
}
