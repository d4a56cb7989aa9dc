<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** When a fact was taken down: as its device says, unless that lies in the server's future. */
final class TakenAt
{
    private const FUTURE_MS = 2000;

    /**
     * A device whose clock runs ahead keeps the order of what it took down: each such fact counts at least 1 ms after the one before it.
     *
     * @param int      $said    by the device, ms since 1970
     * @param int      $arrival by the server's clock, ms since 1970
     * @param int|null $before  when the fact this device took down before counts; null where there is none
     */
    public static function of(int $said, int $arrival, ?int $before): int
    {
        if ($said <= $arrival + self::FUTURE_MS) {
            return $said;
        }

        return $before === null ? $arrival : max($arrival, $before + 1);
    }
}
