<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as AssessmentPackage;

/** Grades a class from its captures, as the exported package would be graded. */
final readonly class GradeClass
{
    public function __construct(private PackAssessment $packing) {}

    /**
     * @param iterable<Attempt> $attempts with their captures
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage
     */
    public function grade(Assessment $assessment, iterable $attempts): GradedClass
    {
        $package = AssessmentPackage::read(Node::of($this->packing->pack($assessment, $attempts)));

        return new GradedClass($package->standard, $package->grade());
    }
}
