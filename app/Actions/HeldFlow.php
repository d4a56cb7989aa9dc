<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Delivery;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\ClassFlow;
use DeftBlade\Core\Lots\FlowMoney;

/** Where the carcasses of a practical went, when it was held, and what they cost where that is written down. */
final readonly class HeldFlow
{
    public function __construct(public CarbonImmutable $heldOn, public ClassFlow $flow, public ?Delivery $delivery) {}

    /**
     * Those whose delivery is written down, in money.
     *
     * @param list<self> $flows
     */
    public static function money(array $flows): FlowMoney
    {
        $priced = [];
        foreach ($flows as $it) {
            if ($it->delivery !== null) {
                $priced[] = [$it->flow, $it->delivery->cost_minor / $it->delivery->mass_mg];
            }
        }

        return FlowMoney::of($priced);
    }

    /**
     * How many practicals received carcasses without a delivery written down.
     *
     * @param list<self> $flows
     */
    public static function unpriced(array $flows): int
    {
        return count(array_filter($flows, static fn(self $it): bool => $it->delivery === null && $it->flow->account->deliveredMg > 0));
    }
}
