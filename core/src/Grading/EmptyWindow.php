<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** The strict rule's guard bands meet: nothing could be within this window. */
final class EmptyWindow extends \DomainException
{
    public static function of(string $piece): self
    {
        return new self("strict leaves nothing of the window of $piece: the scale is too coarse for it");
    }
}
