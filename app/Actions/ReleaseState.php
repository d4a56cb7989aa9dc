<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\ResultMark;

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
        return self::between($attempt->release?->mark(), $attempt->row->mark());
    }

    public static function between(?ResultMark $released, ResultMark $now): self
    {
        return match (true) {
            $released === null => self::Unreleased,
            self::isOther($released, $now) => self::Changed,
            $released->lastSeq !== self::NOT_KEPT && $released->lastSeq !== $now->lastSeq => self::EntriesSince,
            default => self::Current,
        };
    }

    /** There is something to issue: the first version, or the next. */
    public function isOpen(): bool
    {
        return $this !== self::Current;
    }

    /** Without a digest of its result a release is told from the row by its total and band. */
    private static function isOther(ResultMark $released, ResultMark $now): bool
    {
        return $released->lastSeq === self::NOT_KEPT ? [$released->total, $released->band] !== [$now->total, $now->band] : $released->sha256 !== $now->sha256;
    }
}
