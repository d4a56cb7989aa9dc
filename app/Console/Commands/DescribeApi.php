<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Description\ApiDescription;
use Illuminate\Console\Command;

final class DescribeApi extends Command
{
    protected $signature = 'api:describe';

    protected $description = 'Write docs/api/openapi.json from the attributes on the code';

    public function handle(): int
    {
        $path = base_path('docs/api/openapi.json');
        @mkdir(dirname($path), recursive: true);
        file_put_contents($path, (new ApiDescription(base_path()))->toJson());
        $this->info("Wrote $path");

        return self::SUCCESS;
    }
}
