<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\LostConnectionDetector;

/** Whether something went wrong because the database cannot be reached, rather than because of what it was asked. */
final readonly class DatabaseAway
{
    /** Shutting down, crashed, not ready for connections, too many of them; read only, as one that is primary no longer (PostgreSQL 15, appendix A). */
    private const STATES = ['57P01', '57P02', '57P03', '53300', '25006'];

    /** Connection exceptions are a class of their own. */
    private const CONNECTION = '08';

    public static function caused(\Throwable $thrown): bool
    {
        if (! $thrown instanceof \PDOException) {
            return false;
        }
        // What the server, or a pool before it, calls fatal has ended the connection, whatever was asked.
        if (preg_match('/\\b(FATAL|PANIC):/', $thrown->getMessage()) === 1) {
            return true;
        }
        $info = $thrown->errorInfo[0] ?? null;
        $state = is_string($info) ? $info : (string) $thrown->getCode();

        return str_starts_with($state, self::CONNECTION) || in_array($state, self::STATES, true) || (new LostConnectionDetector())->causedByLostConnection($thrown);
    }
}
