<?php

declare(strict_types=1);

namespace DeftBlade\BenchScale;

/** Serves the scale on two loopback sockets: reports to every listener ten times a second, and the pan, one command a line; a probe thermometer lies beside it. */
final class ScaleServer
{
    private const REPORTS_A_SECOND = 10;

    /** @var array<int, resource> */
    private array $listeners = [];

    /** @var array<int, resource> */
    private array $hands = [];

    /**
     * @param resource $reports listening socket of the report line
     * @param resource $pan     listening socket of the pan
     */
    public function __construct(private readonly BenchScale $scale, private readonly Probe $probe, private $reports, private $pan) {}

    public function run(): never
    {
        $next = microtime(true);
        while (true) {
            $now = microtime(true);
            if ($now >= $next) {
                $this->reportToAll($now);
                $next = $now + 1 / self::REPORTS_A_SECOND;
            }
            $this->attend(max(0.0, $next - microtime(true)));
        }
    }

    private function attend(float $seconds): void
    {
        $readable = [$this->reports, $this->pan, ...$this->listeners, ...$this->hands];
        $none = null;
        if ((int) @stream_select($readable, $none, $none, 0, (int) ($seconds * 1e6)) === 0) {
            return;
        }
        foreach ($readable as $socket) {
            match (true) {
                $socket === $this->reports => $this->welcome($this->reports, $this->listeners),
                $socket === $this->pan => $this->welcome($this->pan, $this->hands),
                isset($this->hands[(int) $socket]) => $this->obey($socket),
                default => $this->hearNothing($socket),
            };
        }
    }

    /**
     * @param resource             $door
     * @param array<int, resource> $guests
     */
    private function welcome($door, array &$guests): void
    {
        $guest = @stream_socket_accept($door, 0);
        if ($guest !== false) {
            stream_set_blocking($guest, false);
            $guests[(int) $guest] = $guest;
        }
    }

    private function reportToAll(float $now): void
    {
        $report = $this->scale->read($now)->report();
        foreach ($this->listeners as $listener) {
            // Six bytes fit a socket's buffer or the listener has gone to sleep: then it goes.
            if (@fwrite($listener, $report) !== strlen($report)) {
                $this->forget($listener);
            }
        }
    }

    /** @param resource $hand */
    private function obey($hand): void
    {
        $line = fgets($hand, 64);
        if ($line === false) {
            $this->forget($hand);

            return;
        }
        $words = explode(' ', trim($line));
        $now = microtime(true);
        $done = match ($words[0]) {
            'put' => $this->scale->put((float) ($words[1] ?? 0), $now),
            'clear' => $this->scale->clear($now),
            'tare' => $this->scale->tare(),
            'zero' => $this->scale->zero(),
            'probe' => $this->probe->read(),
            default => false,
        };
        fwrite($hand, match (true) {
            $done === false => "unknown\n",
            is_float($done) => sprintf("%.1F\n", $done),
            default => "done\n",
        });
    }

    /** @param resource $listener */
    private function hearNothing($listener): void
    {
        $said = fread($listener, 64);
        if ($said === false || $said === '') {
            $this->forget($listener);
        }
    }

    /** @param resource $guest */
    private function forget($guest): void
    {
        unset($this->listeners[(int) $guest], $this->hands[(int) $guest]);
        fclose($guest);
    }
}
