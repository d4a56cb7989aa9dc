<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\AuditEntry;
use App\Models\Release;
use App\Models\ReleaseSeal;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Issues results to their students: the first version of one, or the next where facts have moved on since; each sealed with everything that is shown. */
final readonly class ReleaseResults
{
    private const FIRST = 'First issue';

    public function __construct(private GradeClass $grading, private SealedDocument $sealing) {}

    /**
     * @param list<string>|null $attempts ids of those to issue; null for every final one that was never issued
     * @param string            $reason   why a result is issued again
     *
     * @throws InvalidPackage where a result is not final, or is to be issued again without a reason
     * @throws Conflict       where it is a rehearsal, or cancelled
     * @return int            how many were issued: none where it was done before
     */
    public function release(Assessment $assessment, User $by, ?array $attempts = null, string $reason = ''): int
    {
        return DB::transaction(function () use ($assessment, $by, $attempts, $reason): int {
            $assessment = Assessment::query()->whereKey($assessment->id)->lockForUpdate()->firstOrFail();
            if ($assessment->is_rehearsal || $assessment->cancelled !== null) {
                throw $assessment->is_rehearsal ? Conflict::countsForNothing() : Conflict::cancelled();
            }
            $chosen = $this->chosen($assessment, $attempts);
            $class = $this->grading->grade($assessment, $chosen);
            foreach ($chosen as $attempt) {
                if ($class->of($attempt->id)->status !== Status::Final) {
                    throw InvalidPackage::at('attempts', MessageCode::NotFinal, ['station' => $attempt->station, 'student' => $attempt->student->name]);
                }
                if ($attempt->release !== null && trim($reason) === '') {
                    throw InvalidPackage::at('reason', MessageCode::WhyAgain);
                }
                $this->issue($attempt->setRelation('assessment', $assessment), $class, $attempt->release === null ? self::FIRST : trim($reason), $by);
            }

            if ($chosen !== []) {
                AuditEntry::keep($by, Message::of(MessageCode::AuditReleased, ['practical' => $assessment->title, 'count' => count($chosen)]));
            }

            return count($chosen);
        });
    }

    /**
     * @param list<string>|null $attempts
     *
     * @return list<Attempt> those with something to issue
     */
    private function chosen(Assessment $assessment, ?array $attempts): array
    {
        $query = $assessment->attempts()->with('student', 'release', 'captures');
        $found = ($attempts === null ? $query : $query->whereKey($attempts))->get();
        if ($attempts !== null && $found->count() !== count(array_unique($attempts))) {
            throw InvalidPackage::at('attempts', MessageCode::OtherClass);
        }
        $isMeant = static fn(Attempt $it): bool => $attempts === null
            ? $it->release === null && $it->row->status === Status::Final
            : ReleaseState::of($it)->isOpen();

        return array_values($found->filter($isMeant)->all());
    }

    private function issue(Attempt $attempt, GradedClass $class, string $reason, User $by): void
    {
        $result = $class->of($attempt->id);
        $version = ($attempt->release->version ?? 0) + 1;
        $at = CarbonImmutable::now();
        $document = $this->sealing->of($attempt, $class, $version, $reason, $by, $at);
        $release = Release::query()->create([
            'attempt_id' => $attempt->id,
            'version' => $version,
            'reason' => $reason,
            'last_seq' => $attempt->captures->last()->seq ?? 0,
            'total' => $result->grade->total,
            'band' => $result->grade->band?->label,
            'result_sha256' => ProjectResults::digest($result),
            'seal_sha256' => hash('sha256', $document),
            'released_by' => $by->id,
            'released_at' => $at,
        ]);
        ReleaseSeal::query()->create(['release_id' => $release->id, 'document' => $document]);
    }
}
