<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\InvalidPackage;

/** A policy read to the end: the policy, where nothing is wrong with it, and everything that is. */
final readonly class PolicyExamination
{
    /** @param list<InvalidPackage> $problems in the order of reading */
    public function __construct(public ?Policy $policy, public array $problems) {}
}
