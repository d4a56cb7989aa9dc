<?php

declare(strict_types=1);

namespace DeftBlade\Core\Package;

use DeftBlade\Core\Balance\BalancedTray;
use DeftBlade\Core\Balance\MixUpSearch;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Grading\Attempt;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\ComponentKinds;
use DeftBlade\Core\Grading\EmptyWindow;
use DeftBlade\Core\Grading\Grader;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Grading\ScaleCheck;
use DeftBlade\Core\Grading\ScaleChecks;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;

/** A whole assessment package: the standard, the policy and the attempts of a class. */
final readonly class Assessment
{
    /** @param list<Attempt> $attempts */
    private function __construct(public PackageFormat $format, public Standard $standard, public Policy $policy, public array $attempts, public ScaleChecks $scaleChecks) {}

    /** @throws InvalidPackage naming the path of the first thing that is wrong */
    public static function read(Node $node): self
    {
        $format = PackageFormat::read($node->at('format'));
        $node->keys(['format', 'standard', 'policy', 'attempts'], ['scale_checks']);
        $standard = Standard::read($node->at('standard'));
        ComponentKinds::shipped()->refuseMeasured($node->at('standard'));
        $read = self::under($format, $standard, Policy::read($node->at('policy')), $node);
        $format->refuseNewer($node);

        return $read;
    }

    /**
     * What was taken down in a class, under a standard and a policy that are read already, in the latest version of the format.
     *
     * @param Node $facts attempts and scale_checks, as they stand in a package
     *
     * @throws InvalidPackage naming the path of the first thing that is wrong
     */
    public static function held(Standard $standard, Policy $policy, Node $facts): self
    {
        $facts->keys(['attempts'], ['scale_checks']);

        return self::under(PackageFormat::latest(), $standard, $policy, $facts);
    }

    private static function under(PackageFormat $format, Standard $standard, Policy $policy, Node $node): self
    {
        $captures = new CaptureReader($standard);
        $attempts = [];
        foreach ($node->at('attempts')->items() as $item) {
            $attempt = Attempt::read($item, $captures);
            if (isset($attempts[$attempt->id])) {
                throw $item->at('id')->fail(MessageCode::IdTaken, ['id' => $attempt->id]);
            }
            $attempts[$attempt->id] = $attempt;
        }
        $checks = [];
        foreach ($node->itemsOf('scale_checks') as $item) {
            $check = ScaleCheck::read($item);
            if (isset($checks[$check->id])) {
                throw $item->at('id')->fail(MessageCode::IdTaken, ['id' => $check->id]);
            }
            $checks[$check->id] = $check;
        }

        return new self($format, $standard, $policy, array_values($attempts), ScaleChecks::of(array_values($checks)));
    }

    /** @throws InvalidPackage when the policy's decision rule leaves a window empty */
    public function grade(): ClassResult
    {
        $grader = new Grader($this->standard, $this->policy, $this->scaleChecks);
        try {
            $results = array_map($grader->grade(...), $this->attempts);
        } catch (EmptyWindow $problem) {
            throw InvalidPackage::at('policy.decision.rule', MessageCode::EmptyWindow, ['id' => $problem->piece]);
        }

        return new ClassResult($this->format, $this->standard, $results, MixUpSearch::among(array_map(self::balanced(...), $results)));
    }

    private static function balanced(AttemptResult $result): BalancedTray
    {
        return BalancedTray::of($result->attempt->id, $result->attempt->log, $result->balance);
    }
}
