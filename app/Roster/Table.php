<?php

declare(strict_types=1);

namespace App\Roster;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\MessageCode;

/** Rows and cells of a text that somebody sent: a CSV file, or cells pasted from a spreadsheet. */
final readonly class Table
{
    public const MOST_ROWS = 10_000;

    private const SEPARATORS = [',', ';', "\t"];

    /** @param array<int, list<string>> $rows by the line they begin on, from 1; cells trimmed */
    private function __construct(public array $rows) {}

    /**
     * @param string $bytes UTF-8 with or without a byte order mark, UTF-16 with one, or else Windows-1252; separated by comma, semicolon or tab
     *
     * @throws InvalidPackage where it is no text, holds no row or too many
     */
    public static function read(string $bytes): self
    {
        $text = self::decoded($bytes);
        $stream = fopen('php://memory', 'r+') ?: throw new \RuntimeException('no memory to be had');
        fwrite($stream, $text);
        rewind($stream);
        $separator = self::separatorOf($text);
        $rows = [];
        $line = 1;
        for ($from = 0; ($cells = fgetcsv($stream, separator: $separator, escape: '')) !== false; $from = (int) ftell($stream)) {
            $cells = array_map(static fn(?string $cell): string => self::clean($cell ?? ''), $cells);
            if (array_filter($cells, static fn(string $cell): bool => $cell !== '') !== []) {
                $rows[$line] = $cells;
            }
            $line += substr_count($text, "\n", $from, (int) ftell($stream) - $from);
        }
        fclose($stream);
        if ($rows === []) {
            throw InvalidPackage::at('file', MessageCode::RosterEmpty);
        }

        return count($rows) <= self::MOST_ROWS + 1 ? new self($rows) : throw InvalidPackage::at('file', MessageCode::RosterTooLong, ['most' => self::MOST_ROWS]);
    }

    private static function decoded(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            default => $bytes,
        };
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        if (str_contains($text, "\0")) {
            throw InvalidPackage::at('file', MessageCode::RosterNotText);
        }

        return str_replace(["\r\n", "\r"], "\n", $text);
    }

    /** Whichever stands most often in the first line, outside of quotation marks. */
    private static function separatorOf(string $text): string
    {
        $first = (string) preg_replace('/"[^"]*"/', '', explode("\n", ltrim($text, "\n"), 2)[0]);
        $counts = array_map(static fn(string $it): int => substr_count($first, $it), self::SEPARATORS);

        return self::SEPARATORS[(int) array_search(max($counts), $counts, true)];
    }

    /** Without control characters and blanks around it; the apostrophe that an export put before a formula is taken off again. */
    private static function clean(string $cell): string
    {
        $plain = trim((string) preg_replace('/[\p{Cc}\p{Cf}\x{00A0}\s]+/u', ' ', $cell));

        return preg_match("/^'[=+\\-@＝＋－＠]/u", $plain) === 1 ? substr($plain, 1) : $plain;
    }
}
