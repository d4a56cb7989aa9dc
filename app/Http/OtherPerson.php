<?php

declare(strict_types=1);

namespace App\Http;

/** A request is one person's, and somebody else is signed in. */
final class OtherPerson extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('This is another person\'s: somebody else is signed in here by now. It waits on the device until they are back.');
    }
}
