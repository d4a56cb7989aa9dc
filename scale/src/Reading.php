<?php

declare(strict_types=1);

namespace DeftBlade\BenchScale;

/** What the scale shows at one moment, and its report of it. */
final readonly class Reading
{
    private const DATA_REPORT = 3;

    private const UNIT_GRAM = 2;

    /** Tenths of a gram, as a signed power of ten in one byte. */
    private const TENTHS = 0xFF;

    public function __construct(public Status $status, public int $mg) {}

    /** Six bytes, in grams, or tenths of them where the mass asks for it and sixteen bits hold it. */
    public function report(): string
    {
        $inTenths = $this->mg % 1000 !== 0 && $this->mg < 6_553_500;

        return pack('CCCCv', self::DATA_REPORT, $this->status->value, self::UNIT_GRAM, $inTenths ? self::TENTHS : 0, intdiv($this->mg, $inTenths ? 100 : 1000));
    }
}
