<?php

declare(strict_types=1);

namespace App\Http\Prints;

use Symfony\Component\Process\Process;

/** Drawn by the Debian package qrencode (ISO/IEC 18004); a quarter of the code may be wet and it still reads. */
final readonly class QrCode
{
    /** @return string an SVG document */
    public function svg(string $text): string
    {
        $drawn = (new Process(['qrencode', '--type=SVG', '--level=Q', '--margin=2', '--output=-', '--', $text]))->mustRun()->getOutput();

        // As wide as its view box, one unit a module: whoever places it scales it.
        return (string) preg_replace('/<svg [^>]*viewBox="0 0 (\d+) (\d+)"[^>]*>/', '<svg xmlns="http://www.w3.org/2000/svg" width="$1" height="$2" viewBox="0 0 $1 $2">', $drawn, 1);
    }
}
