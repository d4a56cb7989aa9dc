<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

abstract readonly class WeightedComponent implements Component
{
    public function __construct(private ComponentHead $head) {}

    public function id(): string
    {
        return $this->head->id;
    }

    public function title(): string
    {
        return $this->head->title;
    }

    public function weight(): float
    {
        return $this->head->weight;
    }
}
