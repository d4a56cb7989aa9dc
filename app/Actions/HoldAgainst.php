<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\AuditEntry;
use App\Models\HeldDocuments;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Package\ResultDocument;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Says which standard a practical is held against from now on, as the school has it today; it stands in the log of every attempt. */
final readonly class HoldAgainst
{
    private const DEVICE = 'the school';

    public function __construct(private School $school, private AddCaptures $adding, private GradeClass $grading, private ProjectResults $projecting) {}

    /** @throws \DeftBlade\Core\Json\InvalidPackage where what was taken down names something the standard does not have; nothing is stored then */
    public function hold(Assessment $assessment, PublishedStandard $standard, PublishedPolicy $policy, string $reason, User $by): void
    {
        DB::transaction(function () use ($assessment, $standard, $policy, $reason, $by): void {
            Assessment::query()->whereKey($assessment->id)->lockForUpdate()->firstOrFail();
            if ($this->isHeldSo($assessment->refresh()->held, $standard, $policy, $reason)) {
                return;
            }
            $held = $this->documents($assessment, $standard, $policy, $reason, $by, CarbonImmutable::now());
            $assessment->setRelation('held', $held->load('policy', 'standard'))->load('attempts.captures');
            foreach ($assessment->attempts as $attempt) {
                $this->adding->add($attempt, [self::fact($held, $standard, CarbonImmutable::now())], $by, self::DEVICE);
                $attempt->load('captures');
            }
            $this->projecting->project($assessment, $assessment->attempts, $this->grading->grade($assessment, $assessment->attempts));
            AuditEntry::keep($by, Message::of(MessageCode::AuditStandardHeld, ['practical' => $assessment->title, 'standard' => $standard->key, 'version' => $standard->version]));
        });
    }

    /** Whether that was the last thing said of it: a request that is sent again. */
    private function isHeldSo(HeldDocuments $held, PublishedStandard $standard, PublishedPolicy $policy, string $reason): bool
    {
        return [$held->published_standard_id, $held->published_policy_id, $held->reason, $held->sha256] === [$standard->id, $policy->id, $reason, self::digest($this->school->held($standard->document))];
    }

    private static function digest(\stdClass $document): string
    {
        return hash('sha256', json_encode($document, ResultDocument::JSON_FLAGS));
    }

    public function documents(Assessment $assessment, PublishedStandard $standard, PublishedPolicy $policy, string $reason, User $by, CarbonImmutable $at): HeldDocuments
    {
        $document = $this->school->held($standard->document);

        return HeldDocuments::query()->create([
            'assessment_id' => $assessment->id,
            'published_standard_id' => $standard->id,
            'published_policy_id' => $policy->id,
            'document' => $document,
            'sha256' => self::digest($document),
            'reason' => $reason,
            'set_by' => $by->id,
            'set_at' => $at,
        ]);
    }

    public static function fact(HeldDocuments $held, PublishedStandard $standard, CarbonImmutable $at): \stdClass
    {
        return (object) [
            'id' => (string) Str::uuid7($at),
            'at' => $at->utc()->format('Y-m-d\TH:i:s.v\Z'),
            'kind' => 'standard',
            'standard' => $standard->key,
            'version' => $standard->version,
            'sha256' => $held->sha256,
            'reason' => $held->reason,
        ];
    }
}
