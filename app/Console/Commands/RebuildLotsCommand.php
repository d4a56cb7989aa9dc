<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\RebuildLots;
use Illuminate\Console\Command;

final class RebuildLotsCommand extends Command
{
    protected $signature = 'lots:rebuild';

    protected $description = 'Makes the lots that lists read anew from the facts';

    public function handle(RebuildLots $rebuilding): int
    {
        $this->info("{$rebuilding->rebuild()} lots.");

        return self::SUCCESS;
    }
}
