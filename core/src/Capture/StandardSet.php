<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The published standard the attempt is held against, by key and version, the SHA-256 of its text as held, and why. */
final readonly class StandardSet extends Capture
{
    private function __construct(CaptureHead $head, public string $standard, public int $version, public string $sha256, public string $reason)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('standard', FieldType::Identifier), Field::of('version', FieldType::Version), Field::of('sha256', FieldType::Sha256), Field::of('reason', FieldType::Text)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('standard'), $values->integer('version'), $values->text('sha256'), $values->text('reason'));
    }

    public function slot(): string
    {
        return 'standard';
    }
}
