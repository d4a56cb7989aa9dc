<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** The letter with a one-time code, where the school has a mail server. */
final class AccessCodeSent extends Notification
{
    public function __construct(private readonly string $code, private readonly string $until) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        return (new MailMessage())
            ->subject('Your code for Deft Blade')
            ->line("Set your password with the code $this->code. It is good once, until $this->until.")
            ->action('Set a password', url("/code/$this->code"))
            ->line('If you did not expect this letter, tell your coordinator.');
    }
}
