<?php

declare(strict_types=1);

namespace App\Roster;

/** CSV files of OneRoster 1.2 in a zip, with the manifest that names them. */
final readonly class ZippedCsv
{
    private const MANIFEST = [['propertyName', 'value'], ['manifest.version', '1.0'], ['oneroster.version', '1.2']];

    /**
     * @param array<string, list<list<string|int|float|null>>> $files rows by name, the header first
     *
     * @return string the zip
     */
    public static function of(array $files): string
    {
        $names = array_keys($files);
        sort($names);
        $manifest = [...self::MANIFEST, ...array_map(static fn(string $it): array => ["file.$it", 'bulk'], $names)];
        $path = (string) tempnam(sys_get_temp_dir(), 'roster');
        try {
            $zip = new \ZipArchive();
            $zip->open($path, \ZipArchive::OVERWRITE);
            foreach (['manifest' => $manifest] + $files as $name => $rows) {
                $zip->addFromString("$name.csv", CsvText::of($rows));
            }
            $zip->close();

            return (string) file_get_contents($path);
        } finally {
            unlink($path);
        }
    }
}
