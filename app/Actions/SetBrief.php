<?php

declare(strict_types=1);

namespace App\Actions;

use App\Brief\BriefDocument;
use App\Brief\BriefPlan;
use App\Brief\PlanBrief;
use App\Brief\PlannedList;
use App\Models\AuditEntry;
use App\Models\Brief;
use App\Models\PublishedPolicy;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Planning\Turn;
use Illuminate\Support\Facades\DB;

/** Sets a practical up from its brief: a class for each list, with its stations, waves and allowances; what it is held against is frozen by that. */
final readonly class SetBrief
{
    private const MS = 1000;

    public function __construct(private PlanBrief $planning, private SetUpPractical $setting) {}

    /**
     * @param int $version of the brief that is meant
     *
     * @throws OutOfDate       where it was saved again meanwhile
     * @throws InvalidDocument naming everything that is missing; nothing is set then
     */
    public function set(Brief $brief, int $version, User $by): Brief
    {
        return DB::transaction(function () use ($brief, $version, $by): Brief {
            Brief::lock($brief->id);
            $brief->refresh();
            if ($brief->set_at !== null) {
                return $brief;
            }
            if ($brief->version !== $version) {
                throw OutOfDate::since($brief->version, ['version' => (string) $brief->version], null);
            }
            $document = BriefDocument::read(Node::of($brief->document, 'brief'));
            $plan = $this->planning->plan($document, $brief->id);
            $problems = array_map(static fn(Message $it): InvalidPackage => InvalidPackage::at('brief', $it->code, $it->figures), $plan->missing);
            if ($problems !== []) {
                throw new InvalidDocument('brief', $problems);
            }
            foreach ($plan->lists as $index => $list) {
                $this->setList($brief, $document, $plan, $index, $list, $by);
            }
            $brief->update(['set_at' => CarbonImmutable::now()]);
            $students = array_sum(array_map(static fn(PlannedList $it): int => count($it->students), $plan->lists));
            AuditEntry::keep($by, Message::of(MessageCode::AuditBriefSet, ['practical' => $document->title, 'count' => $students, 'day' => (string) $document->day]));

            return $brief->refresh();
        });
    }

    private function setList(Brief $brief, BriefDocument $document, BriefPlan $plan, int $index, PlannedList $list, User $by): void
    {
        $standard = $list->published ?? throw new \LogicException('a list without a standard is not set');
        $group = $list->students[0]->group;
        $title = count($plan->lists) === 1 ? $document->title : "{$document->title}: {$list->standard?->title}";
        $assessment = $this->setting->setUp($title, $document->room, CarbonImmutable::parse((string) $document->day), $group, $standard, PublishedPolicy::inForce(), $list->students, $by, first: $list->first, resits: $document->lists[$index]->resits);
        $waves = [];
        foreach ($list->turns as $of => $turn) {
            $waves[$list->first + $of] = $turn->wave;
        }
        $pans = [];
        foreach ($list->pans as $of => $place) {
            $pans[$list->first + $of] = $place->written();
        }
        $assessment->update([
            'brief_id' => $brief->id,
            'starts_at' => $plan->startsAt,
            'ends_at' => $plan->startsAt?->modify(sprintf('+%d seconds', (int) round($plan->hour->freeS()))),
            'is_rehearsal' => $document->isRehearsal,
            'waves' => ['by_station' => (object) $waves, 'gap_ms' => self::MS * self::gapS($plan->hour->turns)],
            'pans' => $pans === [] ? null : (object) $pans,
            'arranged' => $assessment->arranged + 1,
        ]);
    }

    /** @param list<Turn> $turns */
    private static function gapS(array $turns): int
    {
        $starts = array_values(array_unique(array_map(static fn(Turn $it): float => $it->startS, $turns)));

        return count($starts) < 2 ? 0 : (int) round($starts[1] - $starts[0]);
    }
}
