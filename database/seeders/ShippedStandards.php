<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Database\Seeder;

/** What every school begins with: the shipped standards and the grading policy, each as a first version; what is there already is left alone. */
final class ShippedStandards extends Seeder
{
    public function run(ShippedDocuments $shipped): void
    {
        $at = CarbonImmutable::now();
        foreach ($shipped->keys() as $key) {
            PublishedStandard::query()->firstOrCreate(['key' => $key, 'version' => 1], ['document' => $shipped->standard($key), 'published_at' => $at]);
        }
        PublishedPolicy::query()->firstOrCreate(['key' => 'house', 'version' => 1], ['document' => $shipped->policy('house'), 'published_at' => $at]);
    }
}
