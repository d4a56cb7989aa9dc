<?php

declare(strict_types=1);

namespace App\Photos;

/** A file that is not kept as a photograph. */
final class InvalidPhotograph extends \DomainException
{
    public static function tooLarge(): self
    {
        return new self(sprintf('This file is larger than %d MB. Make the picture smaller, then send it again.', Photograph::MOST_BYTES / 1_000_000));
    }

    public static function noJpeg(): self
    {
        return new self('This file is not a JPEG picture, whatever it is called.');
    }

    public static function tooWide(int $width, int $height): self
    {
        return new self(sprintf('This picture has %d × %d points; at most %d on a side are kept.', $width, $height, Photograph::LONGEST_SIDE));
    }

    public static function tellsOfItsDevice(): self
    {
        return new self('This picture still says where and with what it was taken. Remove that first; the screen does it by itself.');
    }
}
