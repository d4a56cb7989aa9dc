<?php

declare(strict_types=1);

return [
    // NIST SP 800-63B-4, 3.1.1.2: 15 where the password is the only factor, 8 where the school's own sign-in adds another before this.
    'least_password' => (int) env('PASSWORD_LEAST', 15),
    'code_days' => 7,
];
