<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AuditEntry;
use App\Models\PublishedPolicy;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Publishes a document as the next version of the policy the school grades by; practicals keep the version they were set up with. */
final readonly class PublishPolicy
{
    /**
     * @param int $basedOn the version it was written on
     *
     * @throws OutOfDate       where a later version was published since
     * @throws InvalidDocument naming everything that is wrong; nothing is stored then
     * @return PublishedPolicy the version that holds this document: the latest one, where it says the same
     */
    public function publish(\stdClass $document, int $basedOn, User $by): PublishedPolicy
    {
        $problems = Policy::examine($document)->problems;
        if ($problems !== []) {
            throw new InvalidDocument('policy', $problems);
        }

        return DB::transaction(static function () use ($document, $basedOn, $by): PublishedPolicy {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ['policy '.PublishedPolicy::key()]);
            $latest = PublishedPolicy::inForce();
            $version = $latest->version + 1;
            $document = (object) (['key' => $latest->key, 'version' => $version] + array_diff_key((array) $document, ['key' => 1, 'version' => 1]));
            if ($latest->says($document)) {
                return $latest;
            }
            if ($latest->version !== $basedOn) {
                throw OutOfDate::since($latest->version, ['version' => (string) $latest->version], $latest->publishedBy?->name);
            }
            AuditEntry::keep($by, Message::of(MessageCode::AuditPolicyPublished, ['version' => $version]));

            return PublishedPolicy::query()->create(['key' => $latest->key, 'version' => $version, 'document' => $document, 'published_by' => $by->id, 'published_at' => CarbonImmutable::now()]);
        });
    }
}
