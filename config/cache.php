<?php

declare(strict_types=1);

return [
    'stores' => [
        // What was read from documents: in the memory that web workers share, elsewhere of the process.
        'read' => ['driver' => env('READ_STORE', 'array'), 'serialize' => true],
    ],
];
