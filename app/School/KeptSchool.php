<?php

declare(strict_types=1);

namespace App\School;

use App\Models\SchoolSetting;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** The school in force, looked up once and kept until it chooses anew: a request asks for it a dozen times. */
final class KeptSchool
{
    private ?School $kept = null;

    public function __construct(private readonly ShippedDocuments $shipped, private readonly ReadOnce $once) {}

    public function inForce(): School
    {
        if ($this->kept === null) {
            $chosen = SchoolSetting::latestChoice();
            $this->kept = $this->once->get(School::class, $chosen === null ? '' : "$chosen->seq {$chosen->digest()}", fn(): School => School::under($this->shipped, $chosen));
        }

        return $this->kept;
    }

    /** It has chosen anew. */
    public function forget(): void
    {
        $this->kept = null;
    }
}
