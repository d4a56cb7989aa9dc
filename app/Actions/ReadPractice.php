<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PracticeFact;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\PracticeTray;
use DeftBlade\Core\Quiz\Answered;

/** What one person practised, as it was taken down. */
final readonly class ReadPractice
{
    private const SECONDS_A_DAY = 86_400;

    public function __construct(private School $school) {}

    public function standard(PublishedStandard $published): PractisedStandard
    {
        return PractisedStandard::of($published, $this->school);
    }

    /** @return int days since 1970, at the school */
    public function today(): int
    {
        return intdiv((int) $this->school->today()->format('U'), self::SECONDS_A_DAY);
    }

    /** @return array<string, list<Answered>> in order of time, by key of the standard; those before a day only, where one is given */
    public function answersOf(User $user, ?int $before = null): array
    {
        $answers = [];
        foreach (PracticeFact::query()->where('user_id', $user->id)->where('kind', PracticeFact::ANSWER)->orderBy('at')->orderBy('seq')->get() as $fact) {
            $day = $this->dayOf($fact->at);
            if ($before === null || $day < $before) {
                $answers[$fact->standard_key][] = Answered::read(Node::of($fact->payload, 'answer'), $day);
            }
        }

        return $answers;
    }

    /** @return list<int> days since 1970 on which something was practised */
    public function daysOf(User $user): array
    {
        $instants = PracticeFact::query()->where('user_id', $user->id)->orderBy('seq')->get(['at'])->map(static fn(PracticeFact $it): \DateTimeImmutable => $it->at)->all();

        return array_values(array_unique(array_map($this->dayOf(...), $instants)));
    }

    /** @throws \Illuminate\Database\Eloquent\ModelNotFoundException where this person has no such tray */
    public function tray(User $user, string $tray): OwnTray
    {
        $facts = PracticeFact::query()->with('standard')->where('tray', $tray)->where('user_id', $user->id)->orderBy('seq')->get()->all();
        if ($facts === []) {
            throw (new \Illuminate\Database\Eloquent\ModelNotFoundException())->setModel(PracticeFact::class);
        }

        return $this->graded($tray, array_values($facts));
    }

    /** @return list<OwnTray> of a standard, in whichever version of it, the latest first */
    public function traysOf(User $user, string $standardKey): array
    {
        $facts = [];
        foreach (PracticeFact::query()->with('standard')->where('user_id', $user->id)->where('standard_key', $standardKey)->whereNotNull('tray')->orderBy('seq')->get() as $fact) {
            $facts[(string) $fact->tray][] = $fact;
        }
        $trays = array_map($this->graded(...), array_map(strval(...), array_keys($facts)), array_values($facts));
        usort($trays, static fn(OwnTray $a, OwnTray $b): int => $b->beganAt() <=> $a->beganAt());

        return $trays;
    }

    /** @param non-empty-list<PracticeFact> $facts of one tray, in order */
    private function graded(string $tray, array $facts): OwnTray
    {
        $practised = $this->standard($facts[0]->standard);
        $policy = Policy::read(Node::of(PublishedPolicy::inForce()->document, 'policy'));

        return new OwnTray($tray, $practised, $facts, PracticeTray::grade($tray, $practised->standard, $policy, array_map(static fn(PracticeFact $it): \stdClass => $it->capture(), $facts)));
    }

    private function dayOf(\DateTimeImmutable $at): int
    {
        $day = $at->setTimezone(new \DateTimeZone($this->school->settings->timeZone))->format('Y-m-d');

        return intdiv((int) (new \DateTimeImmutable($day, new \DateTimeZone('UTC')))->format('U'), self::SECONDS_A_DAY);
    }
}
