<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// Two processes run the tests side by side, each with a database of its own.
$process = getenv('TEST_TOKEN');
$_SERVER['DB_DATABASE'] = 'deft_blade_feature_'.($process === false ? '1' : $process);
putenv("DB_DATABASE={$_SERVER['DB_DATABASE']}");
