<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Json\InvalidPackage;

/** A document that is not a standard that adds up, with everything that is wrong with it. */
final class InvalidStandard extends \DomainException
{
    /** @param non-empty-list<InvalidPackage> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(count($problems) === 1 ? '1 thing in this standard is not right.' : count($problems).' things in this standard are not right.');
    }
}
