<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** A mass that cannot be: unreadable, negative or beyond what any carcass weighs. */
final class InvalidMass extends \DomainException
{
    private const LONGEST_QUOTE = 30;

    private function __construct(public readonly Message $problem)
    {
        parent::__construct((string) $problem);
    }

    public static function unreadable(string $text): self
    {
        return new self(Message::of(MessageCode::MassUnreadable, ['text' => mb_substr(trim($text), 0, self::LONGEST_QUOTE)]));
    }

    public static function negative(): self
    {
        return new self(Message::of(MessageCode::MassNegative));
    }

    public static function tooLarge(): self
    {
        return new self(Message::of(MessageCode::MassTooLarge, ['most_kg' => intdiv(Mass::MOST_MG, 1_000_000)]));
    }
}
