<?php

declare(strict_types=1);

namespace DeftBlade\Core\Variant;

use DeftBlade\Core\Json\Node;

/** What a variant changes in a method card. A step is found by words of what it tells to do. */
final readonly class CardChanges
{
    private const KEYS = ['lead', 'remove', 'replace', 'hand', 'before', 'first', 'last'];

    private ?Node $card;

    public function __construct(Node $changes)
    {
        $this->card = $changes->has('card') ? $changes->at('card')->keys([], self::KEYS) : null;
    }

    /**
     * @param list<\stdClass> $steps
     * @param bool            $ordered steps may change places; not where a checkpoint stands between them
     *
     * @return list<\stdClass>
     */
    public function of(array $steps, bool $ordered): array
    {
        if ($this->card === null) {
            return $steps;
        }
        foreach (self::KEYS as $key) {
            if ($this->card->has($key)) {
                $steps = $this->change($key, $this->card->at($key), $steps, $ordered);
            }
        }

        return $steps;
    }

    /**
     * @param list<\stdClass> $steps
     *
     * @return list<\stdClass>
     */
    private function change(string $key, Node $change, array $steps, bool $ordered): array
    {
        if ($key === 'first' || $key === 'last') {
            $added = self::steps($change);

            return $key === 'first' ? [...$added, ...$steps] : [...$steps, ...$added];
        }
        $place = self::find($steps, $change->isText() ? $change->text() : $change->at('of')->text());
        if ($place === null) {
            return $steps;
        }
        $step = $steps[$place];
        if ($key === 'lead') {
            return $ordered ? [$step, ...array_slice($steps, 0, $place), ...array_slice($steps, $place + 1)] : $steps;
        }
        array_splice($steps, $place, 1, match ($key) {
            'remove' => [],
            'replace' => [$change->at('step')->document()],
            'hand' => [(object) (['hand' => $change->at('says')->text()] + (array) $step)],
            default => [...self::steps($change->at('steps')), $step],
        });

        return $steps;
    }

    /** @return list<\stdClass> */
    private static function steps(Node $node): array
    {
        return array_map(static fn(Node $it): \stdClass => $it->document(), $node->items());
    }

    private static function unmarked(string $text): string
    {
        return str_replace(['{', '}'], '', $text);
    }

    /** @param list<\stdClass> $steps */
    private static function find(array $steps, string $words): ?int
    {
        foreach ($steps as $place => $step) {
            if (is_string($step->do) && stripos(self::unmarked($step->do), self::unmarked($words)) !== false) {
                return $place;
            }
        }

        return null;
    }
}
