<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Http\Resources\SheetColumnView;
use App\Http\Resources\SheetView;
use App\Roster\CsvText;

/** The class sheet as RFC 4180 text, marked as UTF-8 for spreadsheets; text that a spreadsheet would run as a formula is made plain. */
final readonly class SheetCsv
{
    public function write(SheetView $sheet): string
    {
        $lines = [['Station', 'Student', 'Status', ...array_map(static fn(SheetColumnView $it): string => $it->title, $sheet->components), 'Total', 'Band', 'Portion yield %', 'Loss %', 'Flags', 'Released', 'Version', 'Released total']];
        foreach ($sheet->rows as $row) {
            $lines[] = [
                $row->station,
                $row->student,
                $row->status->value,
                ...array_map(static fn(SheetColumnView $it): ?float => self::rounded(self::number($row->scores->{$it->id} ?? null)), $sheet->components),
                $row->total,
                $row->band,
                self::rounded($row->portion_yield, 100),
                self::rounded($row->loss, 100),
                implode('; ', array_column($row->flags, 'text')),
                str_replace('_', ' ', $row->release_state->value),
                $row->release?->version,
                $row->release?->total,
            ];
        }

        return CsvText::BYTE_ORDER_MARK.CsvText::of($lines);
    }

    private static function number(mixed $score): ?float
    {
        return is_int($score) || is_float($score) ? (float) $score : null;
    }

    private static function rounded(?float $figure, int $times = 1): ?float
    {
        return $figure === null ? null : round($figure * $times, 1);
    }
}
