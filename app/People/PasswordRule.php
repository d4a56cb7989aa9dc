<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Contracts\Validation\ValidationRule;

/**
 * What a password must be, after NIST SP 800-63B: long (15 characters where it is the only factor; config people.least_password), nothing that is common,
 * repeated or in sequence, and not merely one's name, address or school. No rule about kinds of characters.
 */
final readonly class PasswordRule implements ValidationRule
{
    /** bcrypt reads no further. */
    private const MOST_BYTES = 72;

    private const SHORTEST_WORD = 3;

    private const DIGITS_OF_A_DIGEST = 12;

    /** Differing characters under which a text is a pattern, not a password. */
    private const LEAST_DIFFERENT = 5;

    /** @param list<string> $expected what somebody would try first: name, e-mail, school */
    public function __construct(private array $expected) {}

    public static function least(): int
    {
        return config()->integer('people.least_password');
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $problem = is_string($value) ? $this->problemOf($value) : 'must be text';
        if ($problem !== null) {
            $fail($problem);
        }
    }

    public function problemOf(string $password): ?string
    {
        return match (true) {
            mb_strlen($password) < self::least() => 'is too short: '.self::least().' characters or more. Four words that do not belong together make a good one.',
            strlen($password) > self::MOST_BYTES => 'is longer than can be kept ('.self::MOST_BYTES.' bytes)',
            count(array_unique(mb_str_split($password))) < self::LEAST_DIFFERENT => 'is a few characters over and over',
            self::isSequence($password) => 'is a row of the keyboard or the alphabet',
            self::isCommon($password) => 'is among the most common ones',
            $this->isExpected($password) => 'is little more than your name, address or school',
            default => null,
        };
    }

    /** Each character the next one of the one before, up or down, for most of it: "abcdefghijklmno", "987654321098765". */
    private static function isSequence(string $password): bool
    {
        $steps = 0;
        $points = array_map(mb_ord(...), mb_str_split($password));
        for ($place = 1; $place < count($points); $place++) {
            $steps += abs($points[$place] - $points[$place - 1]) === 1 ? 1 : 0;
        }

        return $steps * 2 > count($points);
    }

    /** The whole, what it repeats, or what is left without digits and signs around it. */
    private static function isCommon(string $password): bool
    {
        $lower = mb_strtolower($password);
        $repeated = preg_match('/^(.+?)\1+$/us', $lower, $found) === 1 ? $found[1] : $lower;
        $bare = (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $repeated);
        $common = self::common();

        return array_filter([$lower, $repeated, $bare], static fn(string $it): bool => isset($common[substr(hash('sha256', $it), 0, self::DIGITS_OF_A_DIGEST)])) !== [];
    }

    private function isExpected(string $password): bool
    {
        $left = mb_strtolower($password);
        foreach ($this->expected as $text) {
            foreach (preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text)) ?: [] as $word) {
                $left = mb_strlen($word) >= self::SHORTEST_WORD ? str_replace($word, '', $left) : $left;
            }
        }

        return mb_strlen((string) preg_replace('/[^\p{L}\p{N}]+/u', '', $left)) * 2 < self::least();
    }

    /** @return array<string, true> by the beginning of the digest */
    private static function common(): array
    {
        return array_fill_keys(explode("\n", trim((string) file_get_contents(resource_path('passwords/common.txt')))), true);
    }
}
