<?php

declare(strict_types=1);

namespace App\Sessions;

use Illuminate\Session\EncryptedStore;

/** A session whose id was not ended: whoever comes with the id of an ended one gets a new one. */
final class OpenSession extends EncryptedStore
{
    public function isValidId($id): bool
    {
        return parent::isValidId($id) && ! ($this->handler instanceof EndedSessions && is_string($id) && $this->handler->hasEnded($id));
    }
}
