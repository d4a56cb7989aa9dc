<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** What was scraped off the frame, weighed. */
final readonly class Scraped extends Capture
{
    public function __construct(string $id, int $at, string $by, public Mass $mass)
    {
        parent::__construct($id, $at, $by);
    }

    public function slot(): string
    {
        return 'scrape';
    }
}
