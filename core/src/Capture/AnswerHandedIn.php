<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What the student wrote where a criterion asks for it, handed in before the clock starts; a later one replaces it. It is judged as any criterion is, and by itself changes no mark. */
final readonly class AnswerHandedIn extends Capture
{
    private function __construct(CaptureHead $head, public string $criterion, public string $text)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::known(KnownIn::Criterion), Field::of('text', FieldType::Text)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('criterion'), $values->text('text'));
    }

    public function slot(): string
    {
        return "answer {$this->criterion}";
    }
}
