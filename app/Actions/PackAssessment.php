<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\ScaleCheck;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;

/** Puts an assessment together as a package of the open format: everything a result is computed from. */
final readonly class PackAssessment
{
    /** @param iterable<Attempt> $attempts with their captures */
    public function pack(Assessment $assessment, iterable $attempts): \stdClass
    {
        $package = ['standard' => $assessment->held->document, 'policy' => $assessment->held->policyDocument()] + (array) $this->facts($assessment, $attempts);

        return (object) (['format' => PackageFormat::neededBy(Node::of((object) $package, 'package'))->value] + $package);
    }

    /**
     * What was taken down, without what it is held against.
     *
     * @param iterable<Attempt> $attempts with their captures
     */
    public function facts(Assessment $assessment, iterable $attempts): \stdClass
    {
        $facts = ['attempts' => array_map($this->attempt(...), [...$attempts])];
        $checks = $assessment->loadMissing('scaleChecks')->scaleChecks;
        if ($checks->isNotEmpty()) {
            $facts['scale_checks'] = $checks->map(static fn(ScaleCheck $it): \stdClass => $it->inPackage())->values()->all();
        }

        return (object) $facts;
    }

    public function encode(\stdClass $package): string
    {
        return json_encode($package, ResultDocument::JSON_FLAGS | JSON_PRETTY_PRINT);
    }

    private function attempt(Attempt $attempt): \stdClass
    {
        return (object) [
            'id' => $attempt->id,
            'student' => $attempt->student_id,
            'captures' => $attempt->captures->map(static fn(Capture $capture): \stdClass => $capture->inPackage())->values()->all(),
        ];
    }
}
