<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** What is still needed of something on a day. */
final readonly class Need
{
    /** @param int $massMg that was not taken out for it yet */
    public function __construct(public string $id, public ProductName $of, public \DateTimeImmutable $on, public int $massMg) {}
}
