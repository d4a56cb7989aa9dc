<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\VerifySeals;
use Illuminate\Console\Command;

final class VerifySealsCommand extends Command
{
    protected $signature = 'seal:verify';

    protected $description = 'Checks every released result against its seal, and grades it again';

    public function handle(VerifySeals $verifying): int
    {
        $checked = $wrong = 0;
        foreach ($verifying->verify() as $what => $problem) {
            $checked++;
            if ($problem !== null) {
                $wrong++;
                $this->error("$what: $problem");
            }
        }
        $this->info("$checked seals checked, $wrong wrong.");

        return $wrong === 0 ? self::SUCCESS : self::FAILURE;
    }
}
