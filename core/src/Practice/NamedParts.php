<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Standard\Standard;

/** Which parts of the carcass a text names: by what the standard calls its parts, its pieces and its containers, of whichever side. */
final readonly class NamedParts
{
    private const SIDES = '/\b(left|right)\b/iu';

    /** Shorter ones join words, and name nothing. */
    private const SHORTEST = 4;

    /** @var array<string, list<string>> ids of parts, by name in small letters; the longest name first */
    private array $byName;

    public function __construct(Standard $standard)
    {
        $byName = [];
        foreach ($standard->carcass->parts as $part) {
            $byName[self::nameOf($part->title)][] = $part->id;
        }
        $parts = $byName;
        foreach ([...$standard->cuts->pieces, ...$standard->cuts->bins] as $holder) {
            $name = self::nameOf($holder->title);
            $byName[$name] = [...$byName[$name] ?? [], ...$holder->parts];
        }
        unset($byName['']);
        $byName += self::ownWords($parts, array_keys($byName));
        uksort($byName, static fn(string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        $this->byName = array_map(static fn(array $ids): array => array_values(array_unique($ids)), $byName);
    }

    /** @return list<string> ids of parts, in the order of the carcass as far as one name goes; a longer name goes before one that is in it */
    public function in(string $text): array
    {
        $found = [];
        $rest = mb_strtolower($text);
        foreach ($this->byName as $name => $parts) {
            $pattern = '/(?<!\p{L})'.preg_quote($name, '/').'(s|es)?(?!\p{L})/u';
            if (preg_match($pattern, $rest) === 1) {
                $rest = (string) preg_replace($pattern, '', $rest);
                array_push($found, ...$parts);
            }
        }

        return array_values(array_unique($found));
    }

    /**
     * A tip is a wing tip where nothing else has that word in its name.
     *
     * @param array<string, list<string>> $parts by name
     * @param list<string>                $names of everything
     *
     * @return array<string, list<string>>
     */
    private static function ownWords(array $parts, array $names): array
    {
        $times = array_count_values(array_merge(...array_map(self::wordsOf(...), $names)));
        $own = [];
        foreach ($parts as $name => $ids) {
            foreach (self::wordsOf($name) as $word) {
                $own += $times[$word] === 1 && mb_strlen($word) >= self::SHORTEST ? [$word => $ids] : [];
            }
        }

        return $own;
    }

    /** @return list<string> each once */
    private static function wordsOf(string $name): array
    {
        return array_values(array_unique(preg_split('/[^\p{L}]+/u', $name, -1, PREG_SPLIT_NO_EMPTY) ?: []));
    }

    /**
     * The first of some texts that names a part which another names too: the step of a card that a criterion or a piece is about.
     *
     * @param array<int, list<string>> $named parts, by text
     * @param list<string>             $parts
     */
    public static function firstWith(array $named, array $parts): ?int
    {
        foreach ($named as $index => $its) {
            if (array_intersect($its, $parts) !== []) {
                return $index;
            }
        }

        return null;
    }

    /** "Left {drumstick}" and "{Drumstick}, left" are both a drumstick. */
    private static function nameOf(string $title): string
    {
        $plain = strtr(explode(',', $title)[0], ['{' => '', '}' => '']);

        return trim((string) preg_replace(self::SIDES, '', mb_strtolower($plain)));
    }
}
