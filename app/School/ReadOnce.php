<?php

declare(strict_types=1);

namespace App\School;

use Illuminate\Support\Facades\Cache;

/**
 * What was read from documents, kept in the memory of the workers: reading a standard takes longer than all the rest of a request. Workers are taken anew
 * with new code, and forget then.
 */
final readonly class ReadOnce
{
    private const FOR_S = 86_400;

    /**
     * @template T of object
     *
     * @param class-string<T> $kind
     * @param string          $from what names for good what it is read from: a digest, a version
     * @param \Closure(): T   $read
     *
     * @return T
     */
    public function get(string $kind, string $from, \Closure $read): object
    {
        $kept = Cache::store('read')->get("$kind $from");
        if ($kept instanceof $kind) {
            return $kept;
        }
        $made = $read();
        Cache::store('read')->put("$kind $from", $made, self::FOR_S);

        return $made;
    }
}
