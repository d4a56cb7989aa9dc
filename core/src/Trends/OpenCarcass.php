<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** One tray that may go into open data, before anything that tells whose it is was taken off. */
final readonly class OpenCarcass
{
    /**
     * @param string             $student whose it is; never written
     * @param string             $week    ISO 8601, such as 2026-W07
     * @param array<string, int> $pieces  mg by id
     * @param array<string, int> $bins    mg by id
     * @param int|null           $seconds of running time; null where none was taken
     */
    public function __construct(public string $student, public string $week, public int $apMg, public array $pieces, public array $bins, public ?int $seconds) {}
}
