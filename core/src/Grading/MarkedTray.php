<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** What is known of a tray when it is asked whether to mark it twice. */
final readonly class MarkedTray
{
    /** @param list<string> $markers who gave its first levels */
    public function __construct(public string $id, public ?string $band, public bool $isBorderline, public bool $isCapped, public array $markers) {}
}
