<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The product left the refrigerator, or went back. */
final readonly class ColdChainEvent extends Capture
{
    private function __construct(CaptureHead $head, public ColdChainMove $event)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::oneOf('event', ColdChainMove::class)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->choice('event', ColdChainMove::class));
    }
}
