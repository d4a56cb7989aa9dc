<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\ResultRow;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as AssessmentPackage;
use DeftBlade\Core\Package\PackageFormat;

/** Grades the last classes once more under a policy that is not published: whose total and whose band would be another? Only final results count, and none that is hidden from who asks; nothing is stored. */
final readonly class TryPolicy
{
    private const CLASSES = 3;

    public function __construct(private PackAssessment $packing, private School $school) {}

    /** @return list<TriedClass> the latest first */
    public function try(\stdClass $policy, User $user): array
    {
        $graded = Assessment::query()->with('attempts.captures', 'attempts.student', 'held.policy')
            ->whereIn('id', ResultRow::query()->select('assessment_id')->where('status', Status::Final))
            ->where('is_rehearsal', false)->whereNull('cancelled')->latest('held_on')->orderBy('id')->limit(self::CLASSES)->get();

        return array_values($graded->map(fn(Assessment $it): TriedClass => $this->class($it, $policy, $user))->all());
    }

    private function class(Assessment $assessment, \stdClass $policy, User $user): TriedClass
    {
        $package = $this->packing->pack($assessment, $assessment->attempts);
        $package->policy = $policy;
        $package->format = PackageFormat::neededBy(Node::of($package, 'package'))->value;
        try {
            $results = AssessmentPackage::read(Node::of($package))->grade()->attempts;
        } catch (InvalidPackage $refused) {
            return new TriedClass($assessment, [], $this->school->sentences()->refuse($refused));
        }
        $tried = array_map(static fn(Attempt $attempt, AttemptResult $result): TriedResult => TriedResult::of($attempt, $result->grade), $assessment->attempts->all(), $results);

        return new TriedClass($assessment, array_values(array_filter($tried, static fn(TriedResult $it): bool => $it->attempt->row->status === Status::Final && ! $it->attempt->isBlindTo($user))), null);
    }
}
