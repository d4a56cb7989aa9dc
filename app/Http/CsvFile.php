<?php

declare(strict_types=1);

namespace App\Http;

use App\Roster\CsvText;
use Illuminate\Http\Response;

/** Rows as a CSV file to be saved. */
final readonly class CsvFile
{
    /** @param list<list<string|int|float|null>> $rows the header first */
    public static function of(string $name, array $rows): Response
    {
        return new Response(CsvText::BYTE_ORDER_MARK.CsvText::of($rows), headers: ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }
}
