<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** A value on a control chart that is not like the others. */
final readonly class Signal
{
    /** @param int $index of the value, from 0 */
    public function __construct(public int $index, public SignalRule $rule) {}
}
