<?php

declare(strict_types=1);

namespace App\Actions;

/** Somebody else changed a document after the version that a change was made to; nothing was stored. */
final class OutOfDate extends \DomainException
{
    /**
     * @param int                   $version of the document now
     * @param array<string, string> $changed what it says now, by the key that was changed since
     */
    private function __construct(public readonly int $version, public readonly array $changed, string $message)
    {
        parent::__construct($message);
    }

    /** @param array<string, string> $changed */
    public static function since(int $version, array $changed, ?string $by): self
    {
        return new self($version, $changed, sprintf('%s changed this meanwhile. Look at it as it is now, then change it again.', $by ?? 'Somebody'));
    }
}
