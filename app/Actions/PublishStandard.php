<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AuditEntry;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Publishes a document as the next version of its key; the versions before stay as they are. */
final readonly class PublishStandard
{
    public function __construct(private School $school) {}

    /**
     * @param int|null $basedOn the version it was written on; null for whatever is the latest
     *
     * @throws OutOfDate         where a later version was published since
     * @throws InvalidDocument   naming everything that is wrong; nothing is stored then
     * @return PublishedStandard the version that holds this document: the latest one, where it says the same
     */
    public function publish(\stdClass $document, User $by, ?int $basedOn = null): PublishedStandard
    {
        $problems = $this->school->examine($document)->problems;
        if ($problems !== []) {
            throw new InvalidDocument('standard', $problems);
        }
        $key = is_string($document->key) ? $document->key : '';

        return DB::transaction(static function () use ($document, $key, $by, $basedOn): PublishedStandard {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["standard $key"]);
            $latest = PublishedStandard::latestOf($key);
            if ($latest !== null && $latest->says($document)) {
                return $latest;
            }
            if ($basedOn !== null && $latest !== null && $latest->version > $basedOn) {
                throw OutOfDate::since($latest->version, ['version' => (string) $latest->version], $latest->publishedBy?->name);
            }
            $version = ($latest->version ?? 0) + 1;

            AuditEntry::keep($by, Message::of(MessageCode::AuditStandardPublished, ['standard' => is_string($document->title ?? null) ? $document->title : $key, 'version' => $version]));

            return PublishedStandard::query()->create(['key' => $key, 'version' => $version, 'document' => (object) (['version' => $version] + (array) $document), 'published_by' => $by->id, 'published_at' => CarbonImmutable::now()]);
        });
    }
}
