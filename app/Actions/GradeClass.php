<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\School\HeldStandard;
use App\School\HeldStandards;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as AssessmentPackage;

/** Grades a class from its captures, as the exported package would be graded. */
final readonly class GradeClass
{
    public function __construct(private PackAssessment $packing, private HeldStandards $held) {}

    /**
     * @param iterable<Attempt> $attempts with their captures
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage
     */
    public function grade(Assessment $assessment, iterable $attempts): GradedClass
    {
        return $this->under($this->held->of($assessment->loadMissing('held')->held), $assessment, $attempts);
    }

    /**
     * @param HeldStandard      $held     what the class is held against now
     * @param iterable<Attempt> $attempts with their captures
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage
     */
    public function under(HeldStandard $held, Assessment $assessment, iterable $attempts): GradedClass
    {
        $read = AssessmentPackage::held($held->standard, $held->policy, Node::of($this->packing->facts($assessment, $attempts)));

        return new GradedClass($held, $read->scaleChecks, $read->grade());
    }
}
