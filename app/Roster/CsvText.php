<?php

declare(strict_types=1);

namespace App\Roster;

/** Rows as RFC 4180 text; a cell that a spreadsheet would run as a formula is made plain. */
final readonly class CsvText
{
    public const BYTE_ORDER_MARK = "\u{FEFF}";

    /** @param list<list<string|int|float|null>> $rows the header first */
    public static function of(array $rows): string
    {
        $file = new \SplTempFileObject();
        foreach ($rows as $cells) {
            $file->fputcsv(array_map(self::plain(...), $cells), escape: '', eol: "\r\n");
        }
        $length = (int) $file->ftell();
        $file->rewind();

        return $length === 0 ? '' : (string) $file->fread($length);
    }

    /** OWASP, CSV injection: text that begins with one of these is prefixed with an apostrophe. Numbers stay numbers. */
    private static function plain(string|int|float|null $cell): string|int|float
    {
        return is_string($cell) && preg_match('/^[=+\-@\t\r\n＝＋－＠]/u', $cell) === 1 ? "'$cell" : $cell ?? '';
    }
}
