<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The station was looked at before the clock: what of the mise en place was not in order. */
final readonly class MiseSeen extends Capture
{
    /** @param list<string> $open items that are not in order; none: all is */
    public function __construct(string $id, int $at, string $by, public array $open)
    {
        parent::__construct($id, $at, $by);
    }

    public function slot(): string
    {
        return 'mise';
    }
}
