<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** What was scraped off the frame, weighed. */
final readonly class Scraped extends Capture
{
    private function __construct(CaptureHead $head, public Mass $mass)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('mass_mg', FieldType::Mass)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->mass('mass_mg'));
    }

    public function slot(): string
    {
        return 'scrape';
    }
}
