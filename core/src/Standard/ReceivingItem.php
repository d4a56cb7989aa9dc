<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

/** One thing to look at on a carcass as it comes in. */
final readonly class ReceivingItem
{
    /**
     * @param string       $title     as it should be
     * @param string       $otherwise what is said where it is not
     * @param bool         $refuses   a carcass that is not like this goes back
     * @param list<string> $defects   of the standard, the ids this may be: noted, they excuse what they spoil
     */
    public function __construct(public string $id, public string $title, public string $otherwise, public bool $refuses, public array $defects) {}
}
