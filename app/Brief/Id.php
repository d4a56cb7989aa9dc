<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Str;

/** The id of something the school has, a UUID. */
final class Id
{
    public static function read(Node $node): string
    {
        return Str::isUuid($node->text()) ? $node->text() : throw $node->fail(MessageCode::NotAUuid);
    }
}
