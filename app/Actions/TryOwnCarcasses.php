<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as AssessmentPackage;
use DeftBlade\Core\Trends\OwnCarcass;

/** Grades every released result by a standard once more with the shares and windows of the school's own carcasses: whose total and whose band would have been another? Nothing is stored. */
final readonly class TryOwnCarcasses
{
    public function __construct(private ReadTrends $trends, private PackAssessment $packing, private School $school) {}

    /** @return list<TriedClass> the latest first */
    public function try(string $standardKey, OwnCarcass $carcass, User $user): array
    {
        $classes = $this->trends->assessmentsBy($standardKey)->modelKeys();
        $tried = [];
        foreach (array_reverse($classes) as $id) {
            $assessment = Assessment::query()->with('held.policy')->findOrFail($id);
            $attempts = $assessment->attempts()->has('release')->with('captures', 'student')->get()->reject(static fn(Attempt $it): bool => $it->isBlindTo($user) || $it->row->second_open !== []);
            if ($attempts->isNotEmpty()) {
                $tried[] = $this->class($assessment, array_values($attempts->all()), $carcass);
            }
        }

        return $tried;
    }

    /** @param list<Attempt> $attempts */
    private function class(Assessment $assessment, array $attempts, OwnCarcass $carcass): TriedClass
    {
        $package = $this->packing->pack($assessment, $attempts);
        $package->standard = $carcass->in($assessment->held->document);
        try {
            $results = AssessmentPackage::read(Node::of($package))->grade()->attempts;
        } catch (InvalidPackage $refused) {
            return new TriedClass($assessment, [], $this->school->sentences()->refuse($refused));
        }

        return new TriedClass($assessment, array_map(static fn(Attempt $it, AttemptResult $result): TriedResult => TriedResult::of($it, $result->grade), $attempts, $results), null);
    }
}
