<?php

declare(strict_types=1);

namespace DeftBlade\Core\Sentence;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Standard\ReceivingList;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Vocabulary\Vocabulary;
use DeftBlade\Core\Weighing\Mass;

/** Says messages in one language, in the words and units of a school, with what the standard calls its things. */
final readonly class Sentences
{
    /** Figures that are text of a document, with its marks; every other text is somebody's own and stays as it is. */
    private const DOCUMENT_TEXTS = ['before_in', 'after_in', 'title', 'before', 'after'];

    /** Numbers out of a document, said in full. */
    private const AS_WRITTEN = ['number', 'least', 'most', 'sum', 'within'];

    public function __construct(private Catalogue $catalogue, private Vocabulary $vocabulary, private ?Standard $standard = null, private ?ReceivingList $receiving = null) {}

    /** In English and the words of the book, in grams. */
    public static function plain(?Standard $standard): self
    {
        return new self(Catalogue::english(), Vocabulary::plain(), $standard);
    }

    public function of(Standard $standard): self
    {
        return new self($this->catalogue, $this->vocabulary, $standard, $this->receiving);
    }

    public function say(Message $message): string
    {
        $pattern = $this->inTheWordsOfTheSchool($this->catalogue->pattern($message->code));
        $said = (new \MessageFormatter($this->catalogue->locale, $pattern))->format($this->parameters($message->figures));

        return is_string($said) ? $said : throw new \UnexpectedValueException("{$message->code->value}: the pattern cannot be filled");
    }

    /** One line: where in a document, and what is wrong there. */
    public function refuse(InvalidPackage $refused): string
    {
        return "$refused->path: {$this->say($refused->problem)}";
    }

    /** Words marked in a pattern, `'{'frame'}'`, are said before its figures are filled in: what people wrote is never touched. */
    private function inTheWordsOfTheSchool(string $pattern): string
    {
        return (string) preg_replace_callback(
            "/'\\{'([^{}']+)'\\}'/u",
            fn(array $found): string => str_replace(["'", '{', '}'], ["''", "'{'", "'}'"], $this->vocabulary->say("{{$found[1]}}")),
            $pattern,
        );
    }

    /**
     * Figures as they stand in a sentence: `mass_mg` as {mass}, `x_mg` as {x_mass}, `x_ml` and `x_ms` as {x}, `x_share` as {x}; of a thing its title, and
     * {…_inside} for the middle of a sentence.
     *
     * @param array<string, int|float|string|bool|null|list<string>> $figures
     *
     * @return array<string, int|float|string>
     */
    private function parameters(array $figures): array
    {
        $said = [];
        foreach ($figures as $name => $value) {
            $stem = (string) preg_replace('/_(mg|ml|ms|share)$/D', '', $name);
            $said += match (true) {
                $value === null => [$stem => ''],
                is_bool($value) => [$name => $value ? 'yes' : 'no'],
                is_array($value) => [$name => match ($name) {
                    'where' => $this->placed($value),
                    'looked' => $this->looked($value),
                    'choices' => implode(', ', $value),
                    default => $this->listed($value),
                }],
                str_ends_with($name, '_mg') => [$name === 'mass_mg' ? 'mass' : "{$stem}_mass" => $this->vocabulary->units->mass(Mass::ofMilligrams((int) $value))],
                str_ends_with($name, '_ml') => [$stem => $this->vocabulary->units->volume((int) $value)],
                str_ends_with($name, '_ms') => [$stem => self::clock((float) $value)],
                str_ends_with($name, '_share') => [$stem => self::percent((float) $value)],
                in_array($name, self::AS_WRITTEN, true) && is_numeric($value) => [$name => self::written((float) $value)],
                is_float($value) => [$name => self::rounded($value, 2)],
                is_int($value) => [$name => $value],
                default => $this->thing($name, $value),
            };
        }
        foreach (['', 'before_', 'after_'] as $which) {
            $said += $this->range($figures["{$which}low_mg"] ?? null, $figures["{$which}high_mg"] ?? null, "{$which}range_mass");
            $said += self::shares($figures["{$which}low_share"] ?? null, $figures["{$which}high_share"] ?? null, "{$which}range");
        }
        if (isset($figures['criterion'], $figures['step']) && is_string($figures['criterion']) && is_int($figures['step'])) {
            $said['level'] = $this->vocabulary->say($this->standard?->criteria[$figures['criterion']]->levels[$figures['step'] - 1]->text ?? '');
        }

        return $said;
    }

    /**
     * A window in mass: "270 to 342 g", "9.52 oz to 12.06 oz".
     *
     * @return array<string, string>
     */
    private function range(mixed $low, mixed $high, string $name): array
    {
        return is_int($low) && is_int($high) ? [$name => $this->vocabulary->units->range(Mass::ofMilligrams($low), Mass::ofMilligrams($high))] : [$name => ''];
    }

    /** @return array<string, string> */
    private static function shares(mixed $low, mixed $high, string $name): array
    {
        $isRange = (is_float($low) || is_int($low)) && (is_float($high) || is_int($high));

        return [$name => $isRange ? self::rounded($low * 100, 2).' to '.self::percent((float) $high) : ''];
    }

    /** @return array<string, string> */
    private function thing(string $name, string $id): array
    {
        $title = match ($name) {
            'piece', 'bin', 'place' => $this->standard?->titleOf($id) ?? ucfirst($id),
            'criterion' => $this->standard?->criteria[$id]->title ?? null,
            'fault' => $this->standard?->faults[$id]->title ?? null,
            default => null,
        };
        if ($title === null && ! in_array($name, self::DOCUMENT_TEXTS, true)) {
            return [$name => $id, "{$name}_inside" => $id];
        }
        $said = $this->vocabulary->say($title ?? $this->labelled($id));

        return [$name => $said, "{$name}_inside" => self::lowered($said)];
    }

    /** @param list<string> $steps where something stands in a document: titles of things, and keys after "@" */
    private function placed(array $steps): string
    {
        $said = array_map(fn(string $step): string => $this->vocabulary->say($this->labelled($step)), $steps);
        // Inside a thing, the list it stands in is known.
        $told = count($said) > 2 && ! str_starts_with($steps[1], '@') ? array_slice($said, 1) : $said;

        return implode(', ', [$told[0] ?? '', ...array_map(self::lowered(...), array_slice($told, 1))]);
    }

    private function labelled(string $text): string
    {
        if (! str_starts_with($text, '@')) {
            return $text;
        }
        [$key, $number] = explode(' ', substr($text, 1), 2) + [1 => ''];

        return trim("{$this->catalogue->label($key)} $number");
    }

    /** @param list<string> $ids of pieces or criteria */
    private function listed(array $ids): string
    {
        $titles = array_map(fn(string $id): string => $this->vocabulary->say($this->standard?->criteria[$id]->title ?? $this->standard?->titleOf($id) ?? $id), $ids);
        $inside = [$titles[0] ?? '', ...array_map(self::lowered(...), array_slice($titles, 1))];
        $last = array_pop($inside);

        return $inside === [] ? $last : implode(', ', $inside)." and $last";
    }

    /**
     * @param list<string> $ids of the receiving list
     *
     * @return string what was not as it should be
     */
    private function looked(array $ids): string
    {
        $said = array_map(fn(string $id): string => $this->vocabulary->say($this->receiving->items[$id]->otherwise ?? str_replace('-', ' ', $id)), $ids);

        return implode('; ', array_map(self::lowered(...), $said));
    }

    private static function lowered(string $text): string
    {
        return mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** To two places: a mark is lost from a hundredth of a percent on, and the sentence has to show it. */
    private static function percent(float $share): string
    {
        return self::rounded($share * 100, 2).' %';
    }

    private static function rounded(float $number, int $places): string
    {
        return (string) round($number, $places);
    }

    private static function clock(float $ms): string
    {
        $seconds = (int) round($ms / 1000);

        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }

    /** "1 820", "0.0005". */
    private static function written(float $number): string
    {
        return floor($number) === $number && abs($number) < 1e15 ? number_format($number, 0, '.', ' ') : (string) $number;
    }
}
