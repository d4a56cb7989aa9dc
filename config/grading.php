<?php

declare(strict_types=1);

return [
    // The key of the policy the school grades by; of its versions the latest holds for what is set up from then on.
    'policy' => env('GRADING_POLICY', 'house'),
];
