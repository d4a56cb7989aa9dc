<?php

declare(strict_types=1);

namespace App\Http;

/** How a calendar day is written in a request: "2026-03-04". */
final class Day
{
    /** The shape comes first: PHP's own parser does not take every byte. */
    public const RULES = ['bail', 'string', 'regex:/^\d{4}-\d\d-\d\d$/D', 'date_format:Y-m-d'];
}
