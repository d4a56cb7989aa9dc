<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\ResultRow;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\Band;
use DeftBlade\Core\Grading\Grader;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Grading\TwoLooks;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as AssessmentPackage;
use DeftBlade\Core\Package\PackageFormat;

/** Grades the last classes once more under a policy that is not published: whose total and whose band would be another? Only final results count, and none that is hidden from who asks; nothing is stored. */
final readonly class TryPolicy
{
    private const CLASSES = 3;

    public function __construct(private PackAssessment $packing, private School $school, private ReadTrends $trends) {}

    /** @return list<TriedClass> the latest first */
    public function try(\stdClass $policy, User $user): array
    {
        $graded = Assessment::query()->with('attempts.captures', 'attempts.student', 'held.policy')
            ->whereIn('id', ResultRow::query()->select('assessment_id')->where('status', Status::Final))
            ->where('is_rehearsal', false)->whereNull('cancelled')->latest('held_on')->orderBy('id')->limit(self::CLASSES)->get();

        return array_values($graded->map(fn(Assessment $it): TriedClass => $this->class($it, $policy, $user))->all());
    }

    /** Every class of some days, and what agreement between assessors would become. */
    public function overTerm(\stdClass $policy, CarbonImmutable $from, CarbonImmutable $to, User $user): TriedTerm
    {
        $tried = [];
        // One after the other: a term of packages would not fit into memory at once.
        foreach (array_reverse($this->trends->assessmentsBetween($from, $to)->modelKeys()) as $id) {
            $tried[] = $this->class(Assessment::query()->with('attempts.captures', 'attempts.student', 'held.policy')->findOrFail($id), $policy, $user);
        }

        return new TriedTerm($tried, array_map(static fn(Band $it): string => $it->label, Policy::read(Node::of($policy, 'policy'))->bands));
    }

    private function class(Assessment $assessment, \stdClass $policy, User $user): TriedClass
    {
        $package = $this->packing->pack($assessment, $assessment->attempts);
        $package->policy = $policy;
        $package->format = PackageFormat::neededBy(Node::of($package, 'package'))->value;
        try {
            $read = AssessmentPackage::read(Node::of($package));
            $results = $read->grade()->attempts;
        } catch (InvalidPackage $refused) {
            return new TriedClass($assessment, [], $this->school->sentences()->refuse($refused));
        }
        $grader = new Grader($read->standard, $read->policy, $read->scaleChecks);
        $tried = array_map(static fn(Attempt $attempt, AttemptResult $result): TriedResult => TriedResult::of($attempt, $result->grade, TwoLooks::of($result, $grader)), $assessment->attempts->all(), $results);

        return new TriedClass($assessment, array_values(array_filter($tried, static fn(TriedResult $it): bool => $it->attempt->row->status === Status::Final && ! $it->attempt->isBlindTo($user))), null);
    }
}
