<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as AssessmentPackage;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** Grades a class from its captures, as the exported package would be graded. */
final readonly class GradeClass
{
    public function __construct(private PackAssessment $packing, private School $school, private ShippedDocuments $shipped) {}

    /**
     * @param iterable<Attempt> $attempts with their captures
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage
     */
    public function grade(Assessment $assessment, iterable $attempts): GradedClass
    {
        $package = $this->packing->pack($assessment, $attempts);
        // Titles in the words of the school change no figure.
        $said = $this->school->said($assessment->held->document);
        $package->standard = $said;
        $read = AssessmentPackage::read(Node::of($package));

        return new GradedClass($read->standard, $said, $read->policy, $read->scaleChecks, $read->grade(), $this->school->sentences($read->standard), $this->shipped->mise($read->standard->species));
    }
}
