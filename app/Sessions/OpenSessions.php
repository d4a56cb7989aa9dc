<?php

declare(strict_types=1);

namespace App\Sessions;

use Illuminate\Contracts\Encryption\Encrypter;
use Illuminate\Session\EncryptedStore;
use Illuminate\Session\SessionManager;

/** Makes the sessions of the application. */
final class OpenSessions extends SessionManager
{
    protected function buildEncryptedSession($handler): EncryptedStore
    {
        return new OpenSession(config()->string('session.cookie'), $handler, $this->container->make(Encrypter::class), null, config()->string('session.serialization', 'php'));
    }
}
