<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\AuditEntry;
use App\Models\Brief;
use App\Models\BriefChange;
use App\Models\Capture;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Puts a practical that is set off to another day or time, with a reason; sent again, it is put off once. */
final readonly class PostponeBrief
{
    public function __construct(private School $school) {}

    /**
     * @param string $day   YYYY-MM-DD
     * @param string $start HH:MM at the school
     *
     * @throws Conflict where it is not set, is cancelled, or has begun
     */
    public function postpone(Brief $brief, string $day, string $start, string $reason, User $by): Brief
    {
        return DB::transaction(function () use ($brief, $day, $start, $reason, $by): Brief {
            Brief::lock($brief->id);
            // Nobody takes anything down or releases it meanwhile: who does locks the class first.
            $brief->refresh()->setRelation('assessments', $brief->assessments()->lockForUpdate()->get());
            $document = $brief->document;
            if ($brief->set_at === null || $brief->cancelled() !== null) {
                throw $brief->set_at === null ? Conflict::notSet() : Conflict::cancelled();
            }
            if ([$document->day ?? null, $document->start ?? null] === [$day, $start]) {
                return $brief;
            }
            if (self::hasBegun($brief)) {
                throw Conflict::hasBegun();
            }
            BriefChange::query()->create(['brief_id' => $brief->id, 'user_id' => $by->id, 'at' => CarbonImmutable::now(), 'reason' => $reason, 'day' => $day, 'start' => $start, 'was_day' => $document->day ?? null, 'was_start' => $document->start ?? null]);
            $startsAt = CarbonImmutable::parse("$day $start", $this->school->settings->timeZone)->utc();
            foreach ($brief->assessments as $assessment) {
                $lasts = $assessment->starts_at === null || $assessment->ends_at === null ? null : $assessment->starts_at->diff($assessment->ends_at);
                $assessment->update(['held_on' => $day, 'starts_at' => $startsAt, 'ends_at' => $lasts === null ? null : $startsAt->add($lasts), 'arranged' => $assessment->arranged + 1]);
            }
            AuditEntry::keep($by, Message::of(MessageCode::AuditBriefPostponed, ['practical' => self::text($document, 'title'), 'was' => trim(self::text($document, 'day').' '.self::text($document, 'start')), 'is' => "$day $start", 'why' => $reason]));
            $brief->update(['document' => (object) (['day' => $day, 'start' => $start] + (array) $document), 'version' => $brief->version + 1]);

            return $brief->refresh();
        });
    }

    private static function hasBegun(Brief $brief): bool
    {
        $ahead = array_map(static fn(CaptureKind $it): string => $it->value, array_filter(CaptureKind::cases(), static fn(CaptureKind $it): bool => $it->isAhead()));

        return Capture::query()->whereNotIn('kind', array_values($ahead))->whereIn('attempt_id', Attempt::query()->select('id')->whereIn('assessment_id', $brief->assessments->modelKeys()))->exists();
    }

    private static function text(\stdClass $document, string $key): string
    {
        $value = $document->{$key} ?? null;

        return is_string($value) ? $value : '';
    }
}
