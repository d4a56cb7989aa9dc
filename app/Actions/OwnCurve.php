<?php

declare(strict_types=1);

namespace App\Actions;

/** How a person's time stands to the standard over their tries. */
final readonly class OwnCurve
{
    /**
     * @param int      $tries   that have a time
     * @param int      $missing more that it takes before anything is said about those to come
     * @param int|null $atTry   the first try that should come to the standard; 0 where the last did; null where too little is known, or none will
     */
    public function __construct(public int $tries, public int $missing, public int $standardMs, public ?int $atTry) {}
}
