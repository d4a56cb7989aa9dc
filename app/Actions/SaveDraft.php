<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\StandardDraft;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Keeps a draft of a standard for its author, under the id the author's screen made. */
final readonly class SaveDraft
{
    private const LONGEST_TITLE = 200;

    /**
     * @param int $version the draft was changed from; 0 for a new one
     *
     * @throws OutOfDate where it was saved elsewhere meanwhile
     */
    public function save(string $id, \stdClass $document, int $version, User $author): StandardDraft
    {
        $title = is_string($document->title ?? null) ? mb_substr($document->title, 0, self::LONGEST_TITLE) : '';

        return DB::transaction(static function () use ($id, $document, $version, $author, $title): StandardDraft {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["draft $id"]);
            $kept = StandardDraft::query()->where('user_id', $author->id)->find($id);
            if (($kept->version ?? 0) !== $version) {
                throw OutOfDate::since($kept->version ?? 0, ['title' => $kept->title ?? ''], null);
            }

            return StandardDraft::query()->updateOrCreate(['id' => $id, 'user_id' => $author->id], ['title' => $title, 'document' => $document, 'version' => $version + 1, 'saved_at' => CarbonImmutable::now()]);
        });
    }
}
