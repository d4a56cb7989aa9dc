<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A criterion judged: the index of the level it met, in which round, and why where it was agreed. */
final readonly class LevelJudged extends Capture
{
    private function __construct(CaptureHead $head, public string $criterion, public int $level, public MarkRound $round, public string $reason)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::known(KnownIn::Criterion), Field::of('level', FieldType::Level), Field::oneOf('round', MarkRound::class)->optional(4), Field::of('reason', FieldType::Text)->optional(4)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('criterion'), $values->integer('level'), $values->has('round') ? $values->choice('round', MarkRound::class) : MarkRound::First, $values->optionalText('reason') ?? '');
    }

    public function slot(): string
    {
        return "level {$this->criterion}".($this->round === MarkRound::First ? '' : " {$this->round->value}");
    }
}
