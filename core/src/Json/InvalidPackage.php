<?php

declare(strict_types=1);

namespace DeftBlade\Core\Json;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** Something in a document is not as the format says: the JSON path, and what is wrong there as a code with its figures. */
final class InvalidPackage extends \DomainException
{
    private const LONGEST_QUOTE = 80;

    private function __construct(public readonly string $path, public readonly Message $problem)
    {
        parent::__construct("$path: $problem");
    }

    /** @param array<string, int|float|string|bool|null|list<string>> $figures exactly those of the code */
    public static function at(string $path, MessageCode $code, array $figures = []): self
    {
        return new self($path === '' ? '$' : $path, Message::of($code, $figures));
    }

    /** A value from the document, made safe to stand in one line. */
    public static function quote(string $text): string
    {
        $clean = preg_replace('/[\p{C}\s]+/u', ' ', mb_scrub($text, 'UTF-8')) ?? '';

        return mb_strlen($clean) > self::LONGEST_QUOTE ? mb_substr($clean, 0, self::LONGEST_QUOTE).'…' : $clean;
    }
}
