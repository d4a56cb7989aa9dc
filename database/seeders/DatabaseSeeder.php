<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\User;
use Illuminate\Database\Seeder;

/** Loads the demo scenario once: a database that has people in it is left alone. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        if (User::query()->doesntExist()) {
            $this->call(DemoScenario::class);
        }
    }
}
