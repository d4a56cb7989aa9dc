<?php

declare(strict_types=1);

namespace App\Sessions;

use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Carbon;

/**
 * Sessions in the database, where one that was ended stays ended. A request that was on its way while somebody signed out writes its session back when it is
 * done, and its answer gives the browser the old id again; that an id was ended is therefore kept, and such a session is read as an empty one.
 */
final class EndedSessions extends DatabaseSessionHandler
{
    private const TABLE = 'ended_sessions';

    public function read($sessionId): string|false
    {
        return $this->hasEnded($sessionId) ? '' : parent::read($sessionId);
    }

    public function hasEnded(string $sessionId): bool
    {
        return $this->connection->table(self::TABLE)->where('id', $sessionId)->useWritePdo()->exists();
    }

    public function destroy($sessionId): bool
    {
        // Kept first: from here on nobody is signed in by it.
        $this->connection->table(self::TABLE)->insertOrIgnore(['id' => $sessionId, 'ended_at' => Carbon::now()]);

        return parent::destroy($sessionId);
    }

    public function gc($lifetime): int
    {
        $this->connection->table(self::TABLE)->where('ended_at', '<', Carbon::now()->subSeconds($lifetime))->delete();

        return parent::gc($lifetime);
    }
}
