<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Weighing\InvalidScaleReport;
use DeftBlade\Core\Weighing\ScaleReport;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Reports of a scale and what the core reads in them, as JSON that the module of the device is held to (tests/vectors/scale.json): every status and unit, and many drawn from a fixed seed. */
final readonly class ScaleVectors
{
    private const DRAWN = 200;

    public static function json(): string
    {
        $random = new Randomizer(new Mt19937(20261127));
        $reports = ['', "\x03\x04\x02", "\x03\x04\x02\x00\x64\x00\x00", "\x02\x04\x02\x00\x64\x00", "\x03\x04\x03\x7f\xff\xff", "\x03\x02\x02\x00\x00\x00"];
        for ($status = 0; $status <= 9; $status++) {
            for ($unit = 0; $unit <= 13; $unit++) {
                $reports[] = pack('CCCcv', 3, $status, $unit, -1, 12_345);
            }
        }
        for ($drawn = 0; $drawn < self::DRAWN; $drawn++) {
            $reports[] = pack('CCCcv', 3, $random->getInt(2, 6), [1, 2, 3, 11, 12][$random->getInt(0, 4)], $random->getInt(-5, 3), $random->getInt(0, 65_535));
        }

        return json_encode(array_map(self::vector(...), $reports), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /** @return array<string, mixed> */
    private static function vector(string $bytes): array
    {
        $sentences = Sentences::plain(null);
        try {
            $report = ScaleReport::decode($bytes);
        } catch (InvalidScaleReport $problem) {
            return ['bytes' => bin2hex($bytes), 'unreadable' => $sentences->say($problem->problem)];
        }
        $refusal = $report->status->refusal();

        return ['bytes' => bin2hex($bytes), 'status' => $report->status->value, 'mass_mg' => $report->mass?->mg, 'refusal' => $refusal === null ? null : $sentences->say($refusal)];
    }
}
