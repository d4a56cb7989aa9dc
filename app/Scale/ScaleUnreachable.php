<?php

declare(strict_types=1);

namespace App\Scale;

final class ScaleUnreachable extends \RuntimeException
{
    public static function silent(): self
    {
        return new self('The scale does not answer. Check its cable and power; until then type the weights.');
    }
}
