<?php

declare(strict_types=1);

namespace App\Http\Description;

/** The definitions of the published formats (docs/formats) as component schemas of the API, under names of their own. */
final readonly class FormatSchemas
{
    private const NAMES = [
        'assessment' => ['standard' => 'Standard', 'policy' => 'Policy', 'capture' => 'Capture', 'portions' => 'PortionSet', 'allowance' => 'Allowance', 'pair' => 'Pair'],
        'carcasses' => ['file' => 'Carcasses'],
        'lots' => ['fact' => 'LotFact'],
        'result' => ['attempt' => 'AttemptResult', 'piece' => 'PieceResult', 'component' => 'ComponentResult', 'reason' => 'Reason', 'balance' => 'Balance', 'portions' => 'PortionsResult', 'split' => 'Split'],
    ];

    public function __construct(private string $folder) {}

    /** @return array<string, mixed> schemas by name */
    public function all(): array
    {
        $schemas = [];
        foreach (self::NAMES as $format => $names) {
            $text = (string) file_get_contents("{$this->folder}/$format.schema.json");
            $text = (string) preg_replace_callback(
                '~"#/\$defs/(\w+)"~',
                static fn(array $found): string => '"#/components/schemas/'.self::name($format, $found[1]).'"',
                $text,
            );
            $document = json_decode($text, true, 64, JSON_THROW_ON_ERROR);
            $definitions = is_array($document) && is_array($document['$defs'] ?? null) ? $document['$defs'] : [];
            foreach ($definitions as $definition => $schema) {
                $schemas[self::name($format, (string) $definition)] = $schema;
            }
        }

        return $schemas + ['SentCapture' => self::withoutBy($schemas['Capture']), 'SentLotFact' => self::withoutBy($schemas['LotFact'])];
    }

    /** A fact as a device sends it: who took it down is known from the session. */
    private static function withoutBy(mixed $fact): mixed
    {
        $text = (string) preg_replace('~"by":\{"\$ref":"#/components/schemas/\w+"\},~', '', json_encode($fact, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES));

        return json_decode(str_replace('"by",', '', $text), true, 64, JSON_THROW_ON_ERROR);
    }

    private static function name(string $format, string $definition): string
    {
        return self::NAMES[$format][$definition] ?? ucfirst($format).ucfirst($definition);
    }
}
