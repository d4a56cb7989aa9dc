<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Somebody is asked to judge a tray a second time, has finished, or is no longer asked. Until they have finished they are shown nothing of the first look. */
final readonly class SecondLookTurned extends Capture
{
    private function __construct(CaptureHead $head, public SecondLookEvent $event, public string $marker, public string $reason)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::oneOf('event', SecondLookEvent::class), Field::of('marker', FieldType::Identifier), Field::of('reason', FieldType::Text)->optional()];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->choice('event', SecondLookEvent::class), $values->text('marker'), $values->optionalText('reason') ?? '');
    }

    public function slot(): string
    {
        return "second look {$this->marker}";
    }
}
