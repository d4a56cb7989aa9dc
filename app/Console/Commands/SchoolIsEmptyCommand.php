<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

final class SchoolIsEmptyCommand extends Command
{
    protected $signature = 'school:is-empty';

    protected $description = 'Succeeds while there is nobody at the school';

    public function handle(): int
    {
        return User::query()->doesntExist() ? self::SUCCESS : self::FAILURE;
    }
}
