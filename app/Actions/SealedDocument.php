<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Standard\TrayLayout;

/** Puts together everything a student is shown of a result, as one text (docs/formats/seal.md). */
final readonly class SealedDocument
{
    public const FORMAT = 'deft-blade.seal/1';

    public function __construct(private PackAssessment $packing, private School $school) {}

    /** @param Attempt $attempt with its student, captures and assessment */
    public function of(Attempt $attempt, GradedClass $class, int $version, string $reason, User $by, CarbonImmutable $at): string
    {
        $assessment = $attempt->assessment;

        return json_encode([
            'format' => self::FORMAT,
            'attempt' => $attempt->id,
            'version' => $version,
            'reason' => $reason,
            'released_at' => $at->utc()->format(Capture::AT_FORMAT),
            'released_by' => $by->name,
            'student' => $attempt->student->name,
            'station' => $class->of($attempt->id)->attempt->log->terms->station,
            'practical' => $assessment->title,
            'held_on' => $assessment->held_on->toDateString(),
            'units' => $this->school->settings->units->value,
            'time_zone' => $this->school->settings->timeZone,
            'standard' => $class->document,
            'policy' => $this->school->said($assessment->held->policyDocument()),
            'layout' => TrayLayout::of($class->document, $class->standard)->document(),
            'result' => $class->document($attempt->id),
            'package' => $this->packing->pack($assessment, [$attempt]),
        ], ResultDocument::JSON_FLAGS);
    }
}
