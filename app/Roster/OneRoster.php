<?php

declare(strict_types=1);

namespace App\Roster;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\MessageCode;

/**
 * The CSV files of OneRoster 1.2 (1EdTech) in a zip: `users`, `classes` and `enrollments`, with `courses` and `academicSessions` where they are there.
 * An enrolment of a student makes a row of a roster; what is marked `tobedeleted` makes none.
 */
final readonly class OneRoster
{
    private const MOST_BYTES = 20_000_000;

    public static function isZip(string $bytes): bool
    {
        return str_starts_with($bytes, "PK\x03\x04");
    }

    /**
     * As the same columns a table of our own has, so that a zip and a CSV file are read the same way.
     *
     * @throws InvalidPackage where it is no zip, or lacks one of the three files
     */
    public static function asCsv(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'roster');
        try {
            file_put_contents($path, $bytes);
            $zip = new \ZipArchive();
            if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
                throw InvalidPackage::at('file', MessageCode::RosterNoZip);
            }

            return self::joined(self::records($zip, 'users'), self::records($zip, 'classes'), self::records($zip, 'enrollments'), self::records($zip, 'courses', false), self::records($zip, 'academicSessions', false));
        } finally {
            unlink($path);
        }
    }

    /**
     * @param array<string, array<string, string>> $users       by sourcedId, as the others
     * @param array<string, array<string, string>> $classes
     * @param array<string, array<string, string>> $enrollments
     * @param array<string, array<string, string>> $courses
     * @param array<string, array<string, string>> $sessions
     */
    private static function joined(array $users, array $classes, array $enrollments, array $courses, array $sessions): string
    {
        $rows = [array_map(static fn(RosterColumn $it): string => $it->heading(), [RosterColumn::Number, RosterColumn::Name, RosterColumn::Family, RosterColumn::Email, RosterColumn::Course, RosterColumn::Group, RosterColumn::Term])];
        foreach ($enrollments as $enrollment) {
            $user = $users[$enrollment['userSourcedId'] ?? ''] ?? null;
            $class = $classes[$enrollment['classSourcedId'] ?? ''] ?? null;
            if ($user === null || $class === null || mb_strtolower($enrollment['role'] ?? '') !== 'student') {
                continue;
            }
            $term = $sessions[explode(',', $class['termSourcedIds'] ?? '')[0]] ?? [];
            $rows[] = [
                ($user['identifier'] ?? '') !== '' ? $user['identifier'] : $user['sourcedId'],
                trim((($user['preferredGivenName'] ?? '') !== '' ? $user['preferredGivenName'] : $user['givenName'] ?? '').' '.($user['familyName'] ?? '')),
                $user['familyName'] ?? '',
                $user['email'] ?? '',
                $courses[$class['courseSourcedId'] ?? '']['title'] ?? '',
                $class['title'] ?? '',
                $term['title'] ?? '',
            ];
        }

        return CsvText::of($rows);
    }

    /** @return array<string, array<string, string>> cells by their header, by sourcedId; without what is to be deleted */
    private static function records(\ZipArchive $zip, string $name, bool $isNeeded = true): array
    {
        $size = $zip->statName("$name.csv", \ZipArchive::FL_NODIR)['size'] ?? null;
        $text = $size === null || $size > self::MOST_BYTES ? false : $zip->getFromName("$name.csv", self::MOST_BYTES, \ZipArchive::FL_NODIR);
        if ($text === false || trim($text) === '') {
            return $isNeeded ? throw InvalidPackage::at('file', MessageCode::RosterLacksFile, ['name' => "$name.csv"]) : [];
        }
        $rows = array_values(Table::read($text)->rows);
        $header = array_shift($rows) ?? [];
        $records = [];
        foreach ($rows as $cells) {
            $record = array_combine($header, array_slice(array_pad($cells, count($header), ''), 0, count($header)));
            if (mb_strtolower($record['status'] ?? '') !== 'tobedeleted') {
                $records[$record['sourcedId'] ?? ''] = $record;
            }
        }

        return $records;
    }
}
