<?php

declare(strict_types=1);

namespace App\Scale;

use DeftBlade\Core\Weighing\InvalidScaleReport;
use DeftBlade\Core\Weighing\ScaleReport;

/** The line a bench scale reports on: HID Point of Sale data reports, one after the other, on a TCP stream. */
final readonly class ScaleLine
{
    private const PATIENCE_SECONDS = 2;

    public function __construct(private string $address) {}

    /**
     * @throws ScaleUnreachable
     * @return \Generator<ScaleReport|InvalidScaleReport> as they come, without end; one that cannot be read is told, and the next follows
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
                yield self::decoded($this->next($line));
            }
        } finally {
            fclose($line);
        }
    }

    private static function decoded(string $bytes): ScaleReport|InvalidScaleReport
    {
        try {
            return ScaleReport::decode($bytes);
        } catch (InvalidScaleReport $problem) {
            return $problem;
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
