<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A criterion judged: the index of the level it met. */
final readonly class LevelJudged extends Capture
{
    private function __construct(CaptureHead $head, public string $criterion, public int $level)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::known(KnownIn::Criterion), Field::of('level', FieldType::Level)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('criterion'), $values->integer('level'));
    }

    public function slot(): string
    {
        return "level {$this->criterion}";
    }
}
