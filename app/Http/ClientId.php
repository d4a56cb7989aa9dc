<?php

declare(strict_types=1);

namespace App\Http;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Str;

/** An id that a screen makes for what it writes: a UUID. */
final class ClientId
{
    /** @throws InvalidPackage naming what it is the id of */
    public static function check(string $id, string $of): void
    {
        if (! Str::isUuid($id)) {
            throw InvalidPackage::at($of, MessageCode::NotAUuid);
        }
    }
}
