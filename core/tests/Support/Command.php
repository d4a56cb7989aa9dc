<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

/** A command of the core, run as anyone runs it. */
final readonly class Command
{
    private function __construct(public int $exit, public string $out, public string $err) {}

    /** @param list<string> $arguments the command's name in core/bin, and what follows it */
    public static function run(array $arguments, string $input): self
    {
        $in = tmpfile() ?: throw new \RuntimeException('no temporary file to be had');
        $err = tmpfile() ?: throw new \RuntimeException('no temporary file to be had');
        fwrite($in, $input);
        rewind($in);
        $arguments[0] = dirname(__DIR__, 2)."/bin/{$arguments[0]}";
        $process = proc_open([PHP_BINARY, ...$arguments], [$in, ['pipe', 'w'], $err], $pipes) ?: throw new \RuntimeException('the command does not start');
        $out = (string) stream_get_contents($pipes[1]);
        $exit = proc_close($process);
        rewind($err);

        return new self($exit, $out, (string) stream_get_contents($err));
    }
}
