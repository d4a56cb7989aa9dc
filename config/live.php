<?php

declare(strict_types=1);

return [
    // Where the push module of the web server takes what it sends on to devices; without one they ask by themselves.
    'publish' => env('LIVE_PUBLISH') ?: null,
];
