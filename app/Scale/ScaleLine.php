<?php

declare(strict_types=1);

namespace App\Scale;

use App\Api\ScaleUnreachable;
use DeftBlade\Core\Weighing\ScaleReport;

/** The line a bench scale reports on: HID Point of Sale data reports, one after the other, on a TCP stream. */
final readonly class ScaleLine
{
    private const PATIENCE_SECONDS = 2;

    public function __construct(private string $address) {}

    /**
     * @throws ScaleUnreachable
     * @return \Generator<ScaleReport> as they come, without end
     */
    public function reports(): \Generator
    {
        $line = @stream_socket_client($this->address, timeout: self::PATIENCE_SECONDS);
        if ($line === false) {
            throw ScaleUnreachable::silent();
        }
        stream_set_timeout($line, self::PATIENCE_SECONDS);
        try {
            while (true) {
                yield ScaleReport::decode($this->next($line));
            }
        } finally {
            fclose($line);
        }
    }

    /** @param resource $line */
    private function next($line): string
    {
        $bytes = '';
        while (strlen($bytes) < ScaleReport::BYTES) {
            $more = fread($line, ScaleReport::BYTES - strlen($bytes));
            if ($more === false || $more === '') {
                throw ScaleUnreachable::silent();
            }
            $bytes .= $more;
        }

        return $bytes;
    }
}
