<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\LostConnectionDetector;

/** Whether something went wrong because the database cannot be reached, rather than because of what it was asked. */
final readonly class DatabaseAway
{
    /** Shutting down, crashed, not ready for connections, too many of them (PostgreSQL 15, appendix A). */
    private const STATES = ['57P01', '57P02', '57P03', '53300'];

    /** Connection exceptions are a class of their own. */
    private const CONNECTION = '08';

    public static function caused(\Throwable $thrown): bool
    {
        if (! $thrown instanceof \PDOException) {
            return false;
        }
        $info = $thrown->errorInfo[0] ?? null;
        $state = is_string($info) ? $info : (string) $thrown->getCode();

        return str_starts_with($state, self::CONNECTION) || in_array($state, self::STATES, true) || (new LostConnectionDetector())->causedByLostConnection($thrown);
    }
}
