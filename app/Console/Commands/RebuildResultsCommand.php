<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\RebuildResults;
use Illuminate\Console\Command;

final class RebuildResultsCommand extends Command
{
    protected $signature = 'results:rebuild {--unmade : only practicals with a row that was never made}';

    protected $description = 'Makes the results that lists and sheets read anew from the facts';

    public function handle(RebuildResults $rebuilding): int
    {
        $count = $rebuilding->rebuild((bool) $this->option('unmade'));
        $this->info("$count practicals gone through.");

        return self::SUCCESS;
    }
}
