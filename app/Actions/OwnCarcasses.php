<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PooledCarcassFile;
use App\Models\PublishedStandard;
use DeftBlade\Core\Trends\OwnCarcass;

/** What the carcasses of a school say of a standard. */
final readonly class OwnCarcasses
{
    /**
     * @param PractisedStandard       $practised as it is held today
     * @param PublishedStandard       $published as it was published
     * @param array<string, int>      $suppliers trays that balance, by supplier
     * @param list<PooledCarcassFile> $files     of other schools, without their documents
     * @param list<PublishedStandard> $others    standards that cut the same carcass, latest versions
     * @param int                     $apart     trays that were left out, since their weights do not add up
     */
    public function __construct(public PractisedStandard $practised, public PublishedStandard $published, public CarcassQuestion $asked, public OwnCarcass $carcass, public array $suppliers, public array $files, public array $others, public int $apart) {}
}
