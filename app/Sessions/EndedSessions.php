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

    /** Its time is written down again when it is older than this: not at every request. */
    private const FRESH_FOR_S = 300;

    /** What was found when the id was looked at, for the reading that follows. */
    private ?FoundSession $found = null;

    private int $lastActivity = 0;

    public function read($sessionId): string
    {
        $found = $this->found?->id === $sessionId ? $this->found : $this->find($sessionId);
        $this->found = null;
        $this->exists = $found->payload !== null;
        $this->lastActivity = $found->lastActivity;
        $isOver = $found->hasEnded || $found->lastActivity < Carbon::now()->subMinutes($this->minutes)->getTimestamp();

        return $isOver ? '' : (string) base64_decode($found->payload ?? '', true);
    }

    public function write($sessionId, $data): bool
    {
        $this->lastActivity = Carbon::now()->getTimestamp();

        return parent::write($sessionId, $data);
    }

    public function hasEnded(string $sessionId): bool
    {
        $this->found = $this->find($sessionId);

        return $this->found->hasEnded;
    }

    /** What was read last is there, and was used lately. */
    public function isFresh(): bool
    {
        return $this->exists === true && $this->lastActivity > Carbon::now()->getTimestamp() - self::FRESH_FOR_S;
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

    private function find(string $id): FoundSession
    {
        $row = $this->connection->selectOne('SELECT payload, last_activity, EXISTS (SELECT 1 FROM '.self::TABLE." WHERE id = ?) AS has_ended FROM (SELECT 1) AS asked LEFT JOIN {$this->table} ON id = ?", [$id, $id], false);

        return FoundSession::of($id, $row);
    }
}
