<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Standard\Standard;

/** What lists show of a standard. */
final readonly class StandardInBrief
{
    private function __construct(
        public string $title,
        public string $species,
        public int $pieces,
        public ?int $standardMs,
        public ?int $limitMs,
        public TrayLayoutView $layout,
    ) {}

    public static function of(\stdClass $document, Standard $standard): self
    {
        return new self(
            $standard->title,
            $standard->species,
            count($standard->cuts->pieces),
            $standard->time === null ? null : (int) $standard->time->standardMs,
            $standard->time === null ? null : (int) $standard->time->limitMs,
            TrayLayoutView::of($document, $standard),
        );
    }
}
