<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** From that day on its days count again. */
final readonly class OutOfFreezer extends FreezerTurn {}
