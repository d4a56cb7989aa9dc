<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

use DeftBlade\Core\Message\MessageCode;

/**
 * One scale data report of the USB-IF HID Point of Sale usage tables (usage page 0x8D, usage 0x32), six bytes:
 * report id, status, weight unit, data scaling (signed power of ten), weight (unsigned 16 bit, little endian).
 */
final readonly class ScaleReport
{
    public const BYTES = 6;

    public const DATA_REPORT = 3;

    private function __construct(public ScaleStatus $status, public ?Mass $mass) {}

    /** @throws InvalidScaleReport */
    public static function decode(string $bytes): self
    {
        if (strlen($bytes) !== self::BYTES) {
            throw InvalidScaleReport::because(MessageCode::ScaleBytes, ['found' => strlen($bytes), 'wanted' => self::BYTES]);
        }
        $byte = static fn(int $at): int => ord($bytes[$at]);
        if ($byte(0) !== self::DATA_REPORT) {
            throw InvalidScaleReport::because(MessageCode::ScaleReportId, ['report' => $byte(0)]);
        }
        $status = ScaleStatus::tryFrom($byte(1)) ?? throw InvalidScaleReport::because(MessageCode::ScaleStatusUnknown, ['status' => $byte(1)]);
        if ($status === ScaleStatus::UnderZero || $status === ScaleStatus::Fault) {
            return new self($status, null);
        }
        $exponent = $byte(3) > 127 ? $byte(3) - 256 : $byte(3);
        $weight = ($byte(4) | $byte(5) << 8) * 10 ** $exponent;
        $milligrams = $weight * self::milligramsPerUnit($byte(2));
        if ($milligrams > Mass::MOST_MG) {
            throw InvalidScaleReport::because(MessageCode::ScaleBeyond);
        }

        return new self($status, Mass::ofMilligrams((int) round($milligrams)));
    }

    /** Weight unit class, usages 0x51 to 0x5C, as reported (index in the class). */
    private static function milligramsPerUnit(int $unit): float
    {
        return match ($unit) {
            1 => 1.0,
            2 => MassUnit::Gram->milligrams(),
            3 => MassUnit::Kilogram->milligrams(),
            11 => MassUnit::Ounce->milligrams(),
            12 => MassUnit::Pound->milligrams(),
            default => throw InvalidScaleReport::because(MessageCode::ScaleUnit, ['unit' => $unit]),
        };
    }
}
