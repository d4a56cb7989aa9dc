<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

/** A mass that cannot be: unreadable, negative or beyond what any carcass weighs. */
final class InvalidMass extends \DomainException
{
    public static function unreadable(string $text): self
    {
        return new self(sprintf('"%s" is not a weight: write it as 1820, 1820 g, 1.82 kg, 64 oz or 4 lb 3 oz', mb_substr(trim($text), 0, 30)));
    }

    public static function negative(): self
    {
        return new self('a weight cannot be negative');
    }

    public static function tooLarge(): self
    {
        return new self(sprintf('a weight cannot be over %d kg', Mass::MOST_MG / 1_000_000));
    }
}
