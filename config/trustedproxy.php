<?php

declare(strict_types=1);

$proxies = env('TRUSTED_PROXIES');

return [
    // The balancers in front, by address or range: only what they say of where a request comes from is believed.
    'proxies' => is_string($proxies) && $proxies !== '' ? array_map(trim(...), explode(',', $proxies)) : null,
];
