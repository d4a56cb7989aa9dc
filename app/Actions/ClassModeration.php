<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use DeftBlade\Core\Capture\GivenLevels;
use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Grading\Mark;
use DeftBlade\Core\Grading\MarkedTray;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Grading\TwiceCause;
use DeftBlade\Core\Grading\WhomToMarkTwice;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** Which trays of a class to mark twice and how two looks stand, from the rows that are kept of results. */
final readonly class ClassModeration
{
    /** @param array<string, non-empty-list<TwiceCause>> $causes by attempt */
    private function __construct(public Policy $policy, private Standard $standard, private array $causes) {}

    /** @param iterable<Attempt> $attempts of the class, nothing of them hidden */
    public static function of(Assessment $assessment, iterable $attempts): self
    {
        $policy = Policy::read(Node::of($assessment->held->policyDocument(), 'policy'));
        $inTraining = User::query()->where('in_training', true)->pluck('id')->map(static fn(mixed $it): string => is_string($it) ? $it : '')->all();
        $trays = [];
        foreach ($attempts as $attempt) {
            $has = static fn(Flag $it): bool => in_array($it->value, $attempt->row->flags, true);
            $trays[] = new MarkedTray($attempt->id, $attempt->row->status === Status::Final ? $attempt->row->band : null, $has(Flag::Borderline) || $has(Flag::NotSecondMarked), $has(Flag::Capped), $attempt->row->judged_by);
        }

        return new self($policy, Standard::read(Node::of($assessment->held->document, 'standard')), (new WhomToMarkTwice($policy, array_values($inTraining), $assessment->id))->among($trays));
    }

    /** @return list<TwiceCause> nothing where it need not be marked twice */
    public function causesOf(Attempt $attempt): array
    {
        return $this->causes[$attempt->id] ?? [];
    }

    public function looksOf(Attempt $attempt): CountedLooks
    {
        $differ = $toAgree = $agreed = 0;
        $looks = $attempt->row->looks;
        foreach ($this->standard->criteria as $criterion) {
            $level = static fn(string $round): ?int => is_int($it = data_get($looks, ['levels', $criterion->id, $round, 'level'])) ? $it : null;
            $given = new GivenLevels($level('first'), $level('second'), $level('agreed'));
            $differ += $given->differ() ? 1 : 0;
            $agreed += $given->agreed === null ? 0 : 1;
            $toAgree += (new Mark($criterion, $given, $this->policy->moderation))->isToAgree() ? 1 : 0;
        }

        return new CountedLooks($differ, $toAgree, $agreed);
    }
}
