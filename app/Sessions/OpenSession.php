<?php

declare(strict_types=1);

namespace App\Sessions;

use Illuminate\Session\EncryptedStore;

/** A session whose id was not ended: whoever comes with the id of an ended one gets a new one. It is written down where something in it changed. */
final class OpenSession extends EncryptedStore
{
    private const NO_FLASH = ['old' => [], 'new' => []];

    /** @var array<array-key, mixed> as they were read */
    private array $known = [];

    public function isValidId($id): bool
    {
        return parent::isValidId($id) && ! ($this->handler instanceof EndedSessions && is_string($id) && $this->handler->hasEnded($id));
    }

    public function save(): void
    {
        if (! $this->isToBeWritten()) {
            $this->started = false;

            return;
        }
        parent::save();
    }

    /** It is new, something in it changed, or the time of its last use is to be written down again. */
    public function isToBeWritten(): bool
    {
        return $this->attributes !== $this->known || $this->get('_flash') !== self::NO_FLASH || ! $this->handler instanceof EndedSessions || ! $this->handler->isFresh();
    }

    /** Nobody is led back to an earlier page here, and it would differ at every request. */
    public function setPreviousUrl($url): void {}

    /** @return array<array-key, mixed> */
    protected function readFromHandler(): array
    {
        return $this->known = parent::readFromHandler();
    }
}
