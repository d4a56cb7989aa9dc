<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** Builds assessment packages for tests: the shipped standard and policy, with attempts written in a few words. */
final class Package
{
    private int $captures = 0;

    private function __construct(public \stdClass $document) {}

    public static function shipped(): self
    {
        $shipped = new ShippedDocuments();

        return new self((object) [
            'format' => PackageFormat::One->value,
            'standard' => $shipped->standard('chicken-eight-piece'),
            'policy' => $shipped->policy('house'),
            'attempts' => [],
        ]);
    }

    /** Two pieces of a hundred-part carcass, one bin; no policy but what a test sets. */
    public static function plain(string $component, float|bool ...$settings): self
    {
        $package = self::shipped();
        $package->document->standard = (object) [
            'key' => 'plain', 'frame' => (object) ['clean_mg' => 10_000, 'limit_mg' => 42_700], 'time' => (object) ['standard_ms' => 1_200_000, 'limit_ms' => 1_800_000],
            'carcass' => (object) ['key' => 'plain', 'parts' => [
                (object) ['id' => 'l', 'share' => 0.17], (object) ['id' => 'r', 'share' => 0.17], (object) ['id' => 'rest', 'share' => 0.66],
            ]],
            'pieces' => [
                (object) ['id' => 'left', 'parts' => ['l'], 'window' => (object) ['basis' => 'share', 'low' => 0.15, 'high' => 0.19]],
                (object) ['id' => 'right', 'parts' => ['r'], 'window' => (object) ['basis' => 'share', 'low' => 0.15, 'high' => 0.19]],
            ],
            'pairs' => [['left', 'right']],
            'bins' => [(object) ['id' => 'stock', 'usable' => true, 'parts' => ['rest']]],
            'criteria' => [], 'faults' => [], 'defects' => [],
        ];
        $package->document->policy->components = [(object) (['id' => $component, 'weight' => 10] + $settings)];

        return $package;
    }

    public function with(callable $change): self
    {
        $change($this->document);

        return $this;
    }

    /**
     * @param array<string, mixed> $of     ap, piece ids and bin ids to grams, scrape, levels, levels of the second round and agreed ones, faults, defects, clock, …
     * @param array<string, mixed> $fields of the attempt
     */
    public function attempt(string $id, array $of, array $fields = []): self
    {
        $captures = [];
        $pieces = array_map(static fn(\stdClass $piece): string => $piece->id, $this->document->standard->pieces);
        foreach ($of as $what => $value) {
            $captures = [...$captures, ...match (true) {
                $what === 'ap' => [['kind' => 'received', 'mass_mg' => (int) round($value * 1000), 'defects' => $of['defects'] ?? []]],
                $what === 'defects' => [],
                $what === 'scrape' => [['kind' => 'scrape', 'mass_mg' => (int) round($value * 1000)]],
                $what === 'levels' => self::levels($value, []),
                $what === 'second', $what === 'agreed' => self::levels($value, ['round' => $what]),
                $what === 'faults' => array_map(static fn(string $it): array => ['kind' => 'fault', 'fault' => $it], $value),
                $what === 'clock' => array_map(static fn(int $second, string $event): array => ['kind' => 'clock', 'event' => $event, 'second' => $second], array_keys($value), $value),
                $what === 'checkpoints' => array_map(static fn(string $it, int $second): array => ['kind' => 'checkpoint', 'checkpoint' => $it, 'second' => $second], array_keys($value), $value),
                $what === 'portions' => array_merge(...array_map(self::portions(...), array_keys($value), $value)),
                in_array($what, $pieces, true) => [['kind' => 'piece', 'piece' => $what, 'mass_mg' => (int) round($value * 1000)]],
                default => [['kind' => 'bin', 'bin' => $what, 'mass_mg' => (int) round($value * 1000)]],
            }];
        }
        $this->document->attempts[] = (object) (['id' => $id, 'student' => "student-$id", 'captures' => array_map($this->capture(...), $captures)] + $fields);

        return $this;
    }

    public function json(): string
    {
        return json_encode($this->document, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> the result document */
    public function grade(): array
    {
        return json_decode(ResultDocument::encode(Assessment::read(Node::decode($this->json()))->grade()), true, 512, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> */
    public function first(): array
    {
        return $this->grade()['attempts'][0];
    }

    /**
     * @param array<string, int>    $levels by criterion
     * @param array<string, string> $round
     *
     * @return list<array<string, mixed>>
     */
    private static function levels(array $levels, array $round): array
    {
        return array_map(static fn(string $it, int $level): array => ['kind' => 'level', 'criterion' => $it, 'level' => $level] + $round, array_keys($levels), $levels);
    }

    /**
     * @param list<float> $grams
     *
     * @return list<array<string, mixed>>
     */
    private static function portions(string $piece, array $grams): array
    {
        return array_map(static fn(float $mass, int $index): array => ['kind' => 'portion', 'piece' => $piece, 'portion' => $index + 1, 'mass_mg' => (int) round($mass * 1000)], $grams, array_keys($grams));
    }

    /** @param array<string, mixed> $capture */
    private function capture(array $capture): \stdClass
    {
        $second = $capture['second'] ?? ++$this->captures;
        unset($capture['second']);

        return (object) (['id' => sprintf('c%05d', ++$this->captures), 'at' => gmdate('Y-m-d\TH:i:s\Z', 1_772_442_000 + $second), 'by' => 'instructor'] + $capture);
    }
}
