<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Lots\ProductName;

/** What the coming days need, and what will go over its day because nobody needs it. */
final readonly class NeedsAhead
{
    /**
     * @param list<NeedAhead>   $needs    in the order of days
     * @param list<LotShare>    $spare    lots that must be gone soon, and what nobody has asked for of them
     * @param list<ProductName> $products what may be asked for
     */
    public function __construct(public array $needs, public array $spare, public array $products) {}
}
