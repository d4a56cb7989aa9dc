<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Json\InvalidPackage;

/** A document that is no standard, no policy or no brief that adds up, with everything that is wrong with it. */
final class InvalidDocument extends \DomainException
{
    /**
     * @param 'standard'|'policy'|'brief'    $kind
     * @param non-empty-list<InvalidPackage> $problems
     */
    public function __construct(string $kind, public readonly array $problems)
    {
        parent::__construct(count($problems) === 1 ? "1 thing in this $kind is not right." : count($problems)." things in this $kind are not right.");
    }
}
