<?php

declare(strict_types=1);

namespace App\Photos;

/** A photograph as it is kept: a JPEG of modest size that says nothing of the device that took it or of the place. */
final readonly class Photograph
{
    public const MOST_BYTES = 4_000_000;

    public const LONGEST_SIDE = 2_400;

    private const START = "\xFF\xD8";

    /** Header, colour profile, how colours are coded; any other application segment, or a comment, may tell of device and place (Exif 2.32, 4.5.4; XMP part 3), or hold another picture that does. */
    private const PLAIN_SEGMENTS = [0xE0 => "JFIF\0", 0xE2 => "ICC_PROFILE\0", 0xEE => 'Adobe'];

    private const COMMENT = 0xFE;

    private function __construct(public string $bytes, public string $sha256) {}

    /** @throws InvalidPhotograph saying what is wrong with it */
    public static function of(string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidPhotograph::tooLarge();
        }
        // Read from its header alone: a picture that unpacks to gigabytes is never unpacked here.
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG || ! str_starts_with($bytes, self::START)) {
            throw InvalidPhotograph::noJpeg();
        }
        if (max($size[0], $size[1]) > self::LONGEST_SIDE) {
            throw InvalidPhotograph::tooWide($size[0], $size[1]);
        }
        foreach (self::segments($bytes) as $marker => $content) {
            $isApplication = $marker >= 0xE0 && $marker <= 0xEF;
            $isPlain = isset(self::PLAIN_SEGMENTS[$marker]) && str_starts_with($content, self::PLAIN_SEGMENTS[$marker]);
            if (($isApplication && ! $isPlain) || $marker === self::COMMENT) {
                throw InvalidPhotograph::tellsOfItsDevice();
            }
        }

        return new self($bytes, hash('sha256', $bytes));
    }

    /** @return \Generator<int, string> the segments before the picture itself, by marker (ITU-T T.81, B.1.1) */
    private static function segments(string $bytes): \Generator
    {
        $at = 2;
        while ($at + 4 <= strlen($bytes) && $bytes[$at] === "\xFF") {
            $marker = ord($bytes[$at + 1]);
            if ($marker === 0xDA) {
                return;
            }
            $length = ord($bytes[$at + 2]) << 8 | ord($bytes[$at + 3]);
            yield $marker => substr($bytes, $at + 4, max(0, $length - 2));
            $at += 2 + $length;
        }
    }
}
