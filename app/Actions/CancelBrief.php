<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\AuditEntry;
use App\Models\Brief;
use App\Models\BriefChange;
use App\Models\Release;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Cancels a practical that is set, with a reason. What was taken down stays; nothing of it waits any more, and nothing is released. */
final readonly class CancelBrief
{
    /** @throws Conflict where it is not set, or a result of it was released */
    public function cancel(Brief $brief, string $reason, User $by): Brief
    {
        return DB::transaction(static function () use ($brief, $reason, $by): Brief {
            Brief::lock($brief->id);
            // Nobody takes anything down or releases it meanwhile: who does locks the class first.
            $brief->refresh()->setRelation('assessments', $brief->assessments()->lockForUpdate()->get());
            if ($brief->set_at === null) {
                throw Conflict::notSet();
            }
            if ($brief->cancelled() !== null) {
                return $brief;
            }
            if (Release::query()->whereIn('attempt_id', Attempt::query()->select('id')->whereIn('assessment_id', $brief->assessments->modelKeys()))->exists()) {
                throw Conflict::released();
            }
            BriefChange::query()->create(['brief_id' => $brief->id, 'user_id' => $by->id, 'at' => CarbonImmutable::now(), 'reason' => $reason]);
            foreach ($brief->assessments as $assessment) {
                $assessment->update(['cancelled' => $reason, 'arranged' => $assessment->arranged + 1]);
            }
            $title = $brief->document->title ?? '';
            AuditEntry::keep($by, Message::of(MessageCode::AuditBriefCancelled, ['practical' => is_string($title) ? $title : '', 'why' => $reason]));

            return $brief->refresh();
        });
    }
}
