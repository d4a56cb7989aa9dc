<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** From that day on its days do not count. */
final readonly class IntoFreezer extends FreezerTurn {}
