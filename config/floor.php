<?php

declare(strict_types=1);

return [
    // Time as a control instead of temperature: at most 4 hours out (FDA Food Code 3-501.19); a training kitchen keeps well inside it.
    'cold_limit_ms' => 1_000 * 60 * (int) env('FLOOR_COLD_LIMIT_MINUTES', 120),
];
