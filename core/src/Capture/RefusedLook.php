<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Message\Message;

/** Why a fact about a look may not be taken, and which of its keys says so. */
final readonly class RefusedLook
{
    public function __construct(public string $key, public Message $why) {}
}
