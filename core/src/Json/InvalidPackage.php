<?php

declare(strict_types=1);

namespace DeftBlade\Core\Json;

/** Something in a document is not as the format says; the message is one line: the JSON path and what is wrong there. */
final class InvalidPackage extends \DomainException
{
    private const LONGEST_QUOTE = 80;

    private function __construct(public readonly string $path, public readonly string $problem)
    {
        parent::__construct("$path: $problem");
    }

    public static function at(string $path, string $problem): self
    {
        return new self($path === '' ? '$' : $path, $problem);
    }

    /** A value from the document, made safe to stand in a one-line message. */
    public static function quote(string $text): string
    {
        $clean = preg_replace('/[\p{C}\s]+/u', ' ', mb_scrub($text, 'UTF-8')) ?? '';

        return mb_strlen($clean) > self::LONGEST_QUOTE ? mb_substr($clean, 0, self::LONGEST_QUOTE).'…' : $clean;
    }
}
