<?php

declare(strict_types=1);

namespace App\Actions;

/** How the two looks at one tray stand to each other. */
final readonly class CountedLooks
{
    /**
     * @param int $differ  criteria that both judged, and not alike
     * @param int $toAgree of these, those that lie too far apart and are not agreed
     */
    public function __construct(public int $differ, public int $toAgree, public int $agreed) {}
}
