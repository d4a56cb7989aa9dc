<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Delivery;
use App\Models\Price;
use DeftBlade\Core\Lots\ClassCost;
use DeftBlade\Core\Lots\ClassYield;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Database\Eloquent\Collection;

/** A practical with what its carcasses came to, and what they cost. */
final readonly class CostedClass
{
    /**
     * @param Collection<int, Attempt> $attempts
     * @param array<string, Price>     $prices   that hold of its species, by product; the wage too
     * @param ClassCost|null           $cost     null while no tray is weighed to the end, or nobody wrote the delivery down
     */
    public function __construct(public Assessment $assessment, public Collection $attempts, public Standard $standard, public ClassYield $yield, public ?Delivery $delivery, public array $prices, public ?ClassCost $cost) {}

    /**
     * @param array<string, Price> $prices
     *
     * @return array<string, int> in minor units, by product
     */
    public static function perKg(array $prices): array
    {
        return array_filter(array_map(static fn(Price $it): ?int => $it->minor, $prices), is_int(...));
    }
}
