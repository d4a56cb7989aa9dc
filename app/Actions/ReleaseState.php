<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Release;
use App\Models\ResultRow;

/** How a released result stands against the facts of today. */
enum ReleaseState: string
{
    case Unreleased = 'unreleased';
    case Current = 'current';
    /** Something was taken down since that changes no figure. */
    case EntriesSince = 'entries_since';
    /** The result is another one now. */
    case Changed = 'changed';

    /** What `last_seq` says of a release of the former schema, which kept neither seq nor digest. */
    private const NOT_KEPT = 0;

    /** @param Attempt $attempt with its release and row */
    public static function of(Attempt $attempt): self
    {
        $release = $attempt->release;

        return match (true) {
            $release === null => self::Unreleased,
            self::isOther($release, $attempt->row) => self::Changed,
            $release->last_seq !== self::NOT_KEPT && $release->last_seq !== $attempt->row->last_seq => self::EntriesSince,
            default => self::Current,
        };
    }

    /** There is something to issue: the first version, or the next. */
    public function isOpen(): bool
    {
        return $this !== self::Current;
    }

    /** Without a digest of its result a release is told from the row by its total and band. */
    private static function isOther(Release $release, ResultRow $row): bool
    {
        return $release->last_seq === self::NOT_KEPT
            ? [$release->total, $release->band] !== [$row->total, $row->band]
            : $release->result_sha256 !== $row->result_sha256;
    }
}
