<?php

declare(strict_types=1);

namespace App\School;

use App\Models\HeldDocuments;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** Reads what practicals are held against, each once. */
final readonly class HeldStandards
{
    public function __construct(private KeptSchool $school, private ShippedDocuments $shipped, private ReadOnce $once) {}

    public function of(HeldDocuments $held): HeldStandard
    {
        return $this->under($this->school->inForce(), $held);
    }

    public function under(School $school, HeldDocuments $held): HeldStandard
    {
        return $this->once->get(HeldStandard::class, "$held->sha256 $held->published_policy_id $school->version $school->digest", fn(): HeldStandard => HeldStandard::read($held, $school, $this->shipped));
    }
}
