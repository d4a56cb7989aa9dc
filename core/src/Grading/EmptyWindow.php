<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** The strict rule's guard bands meet: nothing could be within this window. */
final class EmptyWindow extends \DomainException
{
    /** @param string $piece its id */
    public function __construct(public readonly string $piece)
    {
        parent::__construct("the window of $piece is empty");
    }
}
