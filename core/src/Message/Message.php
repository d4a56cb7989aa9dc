<?php

declare(strict_types=1);

namespace DeftBlade\Core\Message;

/** Something to be said: a code and its figures, in no language. */
final readonly class Message
{
    /** @param array<string, int|float|string|bool|null|list<string>> $figures by name */
    private function __construct(public MessageCode $code, public array $figures) {}

    /** @param array<string, int|float|string|bool|null|list<string>> $figures exactly those of the code */
    public static function of(MessageCode $code, array $figures = []): self
    {
        if (array_diff($code->figures(), array_keys($figures)) !== [] || count($figures) !== count($code->figures())) {
            throw new \LogicException("{$code->value} has other figures: ".implode(', ', array_keys($figures)));
        }

        return new self($code, $figures);
    }
}
