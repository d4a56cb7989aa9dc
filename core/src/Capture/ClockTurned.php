<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The student's clock was started, paused, resumed or stopped. */
final readonly class ClockTurned extends Capture
{
    private function __construct(CaptureHead $head, public ClockEvent $event, public ?string $reason)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::oneOf('event', ClockEvent::class), Field::of('reason', FieldType::Text)->optional(since: 2)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->choice('event', ClockEvent::class), $values->optionalText('reason'));
    }

    /** The clock begins to run with it. */
    public function setsRunning(): bool
    {
        return $this->event === ClockEvent::Start || $this->event === ClockEvent::Resume;
    }

    /** It says why, in words. */
    public function isReasoned(): bool
    {
        return trim($this->reason ?? '') !== '';
    }
}
