<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The look at a carcass as it comes in: what was not as it should be, and how cold its core was. */
final readonly class CarcassLooked extends Capture
{
    /** FDA Food Code 2022, 3-202.11: what is kept cold is received at 5 °C or below. */
    public const WARMEST_C = 5.0;

    /**
     * @param list<string> $not   ids of the receiving list; none: all as it should be
     * @param float|null   $coreC null where it was not measured
     */
    private function __construct(CaptureHead $head, public array $not, public ?float $coreC)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('not', FieldType::IdentifierList), Field::of('core_c', FieldType::Celsius)->optional()];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->texts('not'), $values->optionalNumber('core_c'));
    }

    public function slot(): string
    {
        return 'look';
    }

    public function isWarm(): bool
    {
        return $this->coreC !== null && $this->coreC > self::WARMEST_C;
    }
}
