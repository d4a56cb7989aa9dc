<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PracticeFact;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\ReferenceTray;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\PracticeTray;
use DeftBlade\Core\Quiz\Answered;

/** What one person practised, as it was taken down. */
final readonly class ReadPractice
{
    private const SECONDS_A_DAY = 86_400;

    public function __construct(private School $school, private PractisedStandards $standards) {}

    public function standard(PublishedStandard $published): PractisedStandard
    {
        return $this->standards->of($published);
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

    /** @return list<PracticeFact> everything this person practised, in order */
    public function factsOf(User $user): array
    {
        return array_values(PracticeFact::query()->where('user_id', $user->id)->orderBy('at')->orderBy('seq')->get()->all());
    }

    /** @return list<int> days since 1970 on which something was practised */
    public function daysOf(User $user): array
    {
        $instants = PracticeFact::query()->where('user_id', $user->id)->orderBy('seq')->get(['at'])->map(static fn(PracticeFact $it): \DateTimeImmutable => $it->at)->all();

        return array_values(array_unique(array_map($this->dayOf(...), $instants)));
    }

    /** @param PublishedStandard $standard that an empty one is of: nothing of this person's was taken down of it yet */
    public function tray(User $user, PublishedStandard $standard, string $tray): OwnTray
    {
        $facts = array_values(PracticeFact::query()->with('standard')->where('tray', $tray)->where('user_id', $user->id)->orderBy('seq')->get()->all());

        return $this->graded($tray, $facts === [] ? $standard : $facts[0]->standard, $facts);
    }

    /** Whether a photograph is of this person's tray, or of the one that is the reference of its standard. */
    public function showsPhoto(User $user, string $tray, string $sha256): bool
    {
        $fact = PracticeFact::query()->where('tray', $tray)->where('kind', CaptureKind::Photo->value)->where('payload->sha256', $sha256)->first();

        return $fact !== null && ($fact->user_id === $user->id || ReferenceTray::of($fact->standard_key)?->tray === $tray);
    }

    /** The tray that is held up as the reference of a standard; null where none is. */
    public function reference(string $standardKey): ?OwnTray
    {
        $reference = ReferenceTray::of($standardKey);
        $facts = $reference === null ? [] : array_values(PracticeFact::query()->with('standard', 'user')->where('tray', $reference->tray)->where('user_id', $reference->user_id)->orderBy('seq')->get()->all());

        return $facts === [] ? null : $this->graded((string) $facts[0]->tray, $facts[0]->standard, $facts);
    }

    /** @return list<OwnTray> of a standard, in whichever version of it, the latest first */
    public function traysOf(User $user, string $standardKey): array
    {
        $facts = [];
        foreach (PracticeFact::query()->with('standard')->where('user_id', $user->id)->where('standard_key', $standardKey)->whereNotNull('tray')->orderBy('seq')->get() as $fact) {
            $facts[(string) $fact->tray][] = $fact;
        }
        $trays = array_map(fn(string|int $tray, array $its): OwnTray => $this->graded((string) $tray, $its[0]->standard, $its), array_keys($facts), array_values($facts));
        usort($trays, static fn(OwnTray $a, OwnTray $b): int => $b->beganAt() <=> $a->beganAt());

        return $trays;
    }

    /** @param list<PracticeFact> $facts in order */
    private function graded(string $tray, PublishedStandard $standard, array $facts): OwnTray
    {
        $practised = $this->standard($standard);
        $policy = Policy::read(Node::of(PublishedPolicy::inForce()->document, 'policy'));

        return new OwnTray($tray, $practised, $facts, PracticeTray::grade($tray, $practised->standard, $policy, array_map(static fn(PracticeFact $it): \stdClass => $it->capture(), array_values(array_filter($facts, static fn(PracticeFact $it): bool => $it->kind !== PracticeFact::STEP)))), new \DateTimeZone($this->school->settings->timeZone));
    }

    private function dayOf(\DateTimeImmutable $at): int
    {
        $day = $at->setTimezone(new \DateTimeZone($this->school->settings->timeZone))->format('Y-m-d');

        return intdiv((int) (new \DateTimeImmutable($day, new \DateTimeZone('UTC')))->format('U'), self::SECONDS_A_DAY);
    }
}
