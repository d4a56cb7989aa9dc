<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** A weight that was corrected after it had become part of a lot. */
final readonly class ChangedWeight
{
    /** @param int|null $nowMg null where it was withdrawn, or the piece thrown away */
    public function __construct(public TakenWeight $taken, public ?int $nowMg) {}
}
