<?php

declare(strict_types=1);

namespace App\Scale;

use DeftBlade\Core\Weighing\Mass;

/** The pan and the buttons of the simulated scale: what a hand does to a real one. */
final readonly class ScalePan
{
    private const PATIENCE_SECONDS = 2;

    public function __construct(private string $address) {}

    public function put(Mass $mass): void
    {
        $this->tell("put {$mass->mg}");
    }

    public function press(PanAction $action): void
    {
        $this->tell($action->value);
    }

    /** @return float what the probe beside it reads, in °C */
    public function probe(): float
    {
        $answer = $this->ask('probe');

        return is_numeric($answer) ? (float) $answer : throw ScaleUnreachable::silent();
    }

    private function tell(string $command): void
    {
        if ($this->ask($command) !== 'done') {
            throw ScaleUnreachable::silent();
        }
    }

    private function ask(string $command): string
    {
        $pan = @stream_socket_client($this->address, timeout: self::PATIENCE_SECONDS);
        if ($pan === false) {
            throw ScaleUnreachable::silent();
        }
        stream_set_timeout($pan, self::PATIENCE_SECONDS);
        fwrite($pan, "$command\n");
        $answer = fgets($pan);
        fclose($pan);

        return $answer === false ? throw ScaleUnreachable::silent() : trim($answer);
    }
}
