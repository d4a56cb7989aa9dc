<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PublishedStandard;
use App\School\ReadOnce;
use App\School\School;

/** Reads standards as they are held at the school today, each once. */
final readonly class PractisedStandards
{
    public function __construct(private School $school, private ReadOnce $once) {}

    public function of(PublishedStandard $published): PractisedStandard
    {
        return $this->once->get(PractisedStandard::class, "$published->id {$this->school->version} {$this->school->digest}", fn(): PractisedStandard => PractisedStandard::of($published, $this->school));
    }
}
