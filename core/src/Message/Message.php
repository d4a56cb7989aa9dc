<?php

declare(strict_types=1);

namespace DeftBlade\Core\Message;

/** Something to be said: a code and its figures, in no language. */
final readonly class Message implements \Stringable
{
    /** @param array<string, int|float|string|bool|null|list<string>> $figures by name */
    private function __construct(public MessageCode $code, public array $figures) {}

    /** @param array<string, int|float|string|bool|null|list<string>> $figures exactly those of the code */
    public static function of(MessageCode $code, array $figures = []): self
    {
        $names = $code->figures();
        if (count($figures) !== count($names) || array_diff($names, array_keys($figures)) !== []) {
            throw new \LogicException("{$code->value} has other figures: ".implode(', ', array_keys($figures)));
        }

        return new self($code, $figures);
    }

    /** The code and its figures, as a log shows them; what people read is made by Sentences. */
    public function __toString(): string
    {
        return trim($this->code->value.' '.($this->figures === [] ? '' : json_encode($this->figures, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)));
    }
}
