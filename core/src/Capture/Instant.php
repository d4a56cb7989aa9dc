<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Reads an RFC 3339 date and time. */
final class Instant
{
    private const SHAPE = '/^(\d{4})-(\d\d)-(\d\d)[Tt](\d\d):(\d\d):(\d\d)(?:\.(\d{1,9}))?(?:[Zz]|([+-])(\d\d):(\d\d))$/D';

    /** @return int milliseconds since 1970, UTC; what is finer is cut off */
    public static function read(Node $node): int
    {
        $text = $node->text();
        if (preg_match(self::SHAPE, $text, $found) !== 1) {
            throw $node->fail(MessageCode::NotATime);
        }
        [$year, $month, $day, $hour, $minute, $second] = [(int) $found[1], (int) $found[2], (int) $found[3], (int) $found[4], (int) $found[5], (int) $found[6]];
        $zoneHour = (int) ($found[9] ?? 0);
        $zoneMinute = (int) ($found[10] ?? 0);
        if (! checkdate($month, $day, $year) || $hour > 23 || $minute > 59 || $second > 59 || $zoneHour > 23 || $zoneMinute > 59) {
            throw $node->fail(MessageCode::NoSuchTime);
        }
        $seconds = gmmktime($hour, $minute, $second, $month, $day, $year);
        $offset = ($zoneHour * 60 + $zoneMinute) * (($found[8] ?? '') === '-' ? -60 : 60);
        $milliseconds = (int) substr(str_pad($found[7] ?? '', 3, '0'), 0, 3);

        return ((int) $seconds - $offset) * 1000 + $milliseconds;
    }
}
