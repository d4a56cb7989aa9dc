<?php

declare(strict_types=1);

namespace App\Models;

/** What tells one result of an attempt from another. */
final readonly class ResultMark
{
    /**
     * @param int    $lastSeq of the captures it was computed from
     * @param string $sha256  of the result without its sentences
     */
    public function __construct(public int $lastSeq, public string $sha256, public ?float $total, public ?string $band) {}
}
