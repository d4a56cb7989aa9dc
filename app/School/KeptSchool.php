<?php

declare(strict_types=1);

namespace App\School;

use App\Models\SchoolSetting;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** The school in force, read once and kept until it chooses anew: a request asks for it a dozen times. */
final class KeptSchool
{
    private ?School $kept = null;

    public function __construct(private readonly ShippedDocuments $shipped) {}

    public function inForce(): School
    {
        $chosen = SchoolSetting::latestChoice();
        if ($this->kept?->version !== ($chosen->seq ?? 0)) {
            $this->kept = School::under($this->shipped, $chosen);
        }

        return $this->kept;
    }
}
