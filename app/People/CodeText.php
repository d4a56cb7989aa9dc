<?php

declare(strict_types=1);

namespace App\People;

/** The text of a one-time code: twelve characters in three groups, read aloud and typed with a thumb, so without I, L, O and U (60 bits). */
final readonly class CodeText
{
    private const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    private const LENGTH = 12;

    private function __construct(private string $letters) {}

    public static function drawn(): self
    {
        $letters = '';
        for ($place = 0; $place < self::LENGTH; $place++) {
            $letters .= self::ALPHABET[random_int(0, strlen(self::ALPHABET) - 1)];
        }

        return new self($letters);
    }

    /** As somebody typed it: in any case, with or without its hyphens, I and L for 1, O for 0. Null where it is no code. */
    public static function typed(string $text): ?self
    {
        $letters = strtr(strtoupper((string) preg_replace('/[\s-]+/', '', $text)), ['I' => '1', 'L' => '1', 'O' => '0']);

        return strlen($letters) === self::LENGTH && strspn($letters, self::ALPHABET) === self::LENGTH ? new self($letters) : null;
    }

    /** "7K2M-9QXT-04HB" */
    public function grouped(): string
    {
        return implode('-', str_split($this->letters, 4));
    }

    /** What is kept of it. A code is drawn, not chosen, so that a plain digest is enough. */
    public function digest(): string
    {
        return hash('sha256', $this->letters);
    }
}
