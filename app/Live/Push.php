<?php

declare(strict_types=1);

namespace App\Live;

/**
 * Tells devices that there is something new for them to fetch, through the push module of the web server (nchan). Nothing depends on it: where it does not
 * answer, devices go on asking by themselves.
 */
final class Push
{
    private const PATIENCE_MS = 300;

    private ?\CurlHandle $line = null;

    /** @param string|null $address where it is published, without the channel; null where there is no such module */
    public function __construct(private readonly ?string $address) {}

    /** @param mixed $news what becomes JSON */
    public function classStands(string $assessment, mixed $news): void
    {
        $this->publish("class-$assessment", 'stands', $news);
    }

    /** Somebody opened or left a tray of a class. */
    public function presenceChanged(string $assessment): void
    {
        $this->publish("class-$assessment", 'presence', []);
    }

    /** A method card that is called went on, or somebody answered to it. */
    public function called(string $card): void
    {
        $this->publish("called-$card", 'stands', []);
    }

    /** @param mixed $said what becomes JSON */
    public function scale(string $event, mixed $said): void
    {
        $this->publish('scale', $event, $said);
    }

    private function publish(string $channel, string $event, mixed $said): void
    {
        if ($this->address === null) {
            return;
        }
        $this->line ??= curl_init();
        curl_setopt_array($this->line, [
            CURLOPT_URL => "$this->address/$channel",
            CURLOPT_POSTFIELDS => json_encode($said, JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', "X-EventSource-Event: $event", 'Expect:'],
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT_MS => self::PATIENCE_MS,
            CURLOPT_NOSIGNAL => true,
        ]);
        curl_exec($this->line);
    }
}
