<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;

/** How a released result stands against the facts of today. */
enum ReleaseState: string
{
    case Unreleased = 'unreleased';
    case Current = 'current';
    /** Something was taken down since that changes no figure. */
    case EntriesSince = 'entries_since';
    /** The result is another one now. */
    case Changed = 'changed';

    /** @param Attempt $attempt with its release and row */
    public static function of(Attempt $attempt): self
    {
        $release = $attempt->release;

        return match (true) {
            $release === null => self::Unreleased,
            $release->result_sha256 !== $attempt->row->result_sha256 && $release->last_seq !== 0 => self::Changed,
            $release->last_seq !== $attempt->row->last_seq && $release->last_seq !== 0 => self::EntriesSince,
            default => self::Current,
        };
    }

    /** There is something to issue: the first version, or the next. */
    public function isOpen(): bool
    {
        return $this !== self::Current;
    }
}
