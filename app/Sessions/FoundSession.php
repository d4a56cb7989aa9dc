<?php

declare(strict_types=1);

namespace App\Sessions;

/** What the database knows of a session. */
final readonly class FoundSession
{
    /** @param string|null $payload null where it is not kept */
    private function __construct(public string $id, public ?string $payload, public int $lastActivity, public bool $hasEnded) {}

    /** @param mixed $row payload, last_activity, has_ended */
    public static function of(string $id, mixed $row): self
    {
        [$payload, $last] = [data_get($row, 'payload'), data_get($row, 'last_activity')];

        return new self($id, is_string($payload) ? $payload : null, is_int($last) ? $last : 0, data_get($row, 'has_ended') === true);
    }
}
