<?php

declare(strict_types=1);

return [
    // Where scale reports come from: six-byte HID Point of Sale data reports on a TCP stream.
    'reports' => env('SCALE_REPORTS', 'tcp://127.0.0.1:8091'),

    // The pan of the simulated scale; null with a real one, and the demo panel is gone.
    'pan' => env('SCALE_PAN') ?: null,
];
