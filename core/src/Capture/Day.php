<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Reads a day of the calendar, such as 2026-03-02. */
final class Day
{
    public const FORMAT = 'Y-m-d';

    /** @return \DateTimeImmutable its midnight, UTC */
    public static function read(Node $node): \DateTimeImmutable
    {
        $day = $node->matching('/^\d{4}-\d{2}-\d{2}$/D', MessageCode::NoSuchTime);
        [$year, $month, $date] = array_map(intval(...), explode('-', $day));

        return checkdate($month, $date, $year) ? new \DateTimeImmutable("$day UTC") : throw $node->fail(MessageCode::NoSuchTime);
    }
}
