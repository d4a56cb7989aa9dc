<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;

/** What one document says beside its rules that the one before did not: tray layout, method card, cautions, uses, in words. */
final readonly class PresentationDiff
{
    /** @return list<string> nothing where both say the same */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        return [
            ...($before->tray ?? null) == ($after->tray ?? null) ? [] : ['The tray is laid out anew'],
            ...self::listed('Step', self::steps($before), self::steps($after)),
            ...self::listed('Caution', self::texts($before, 'cautions'), self::texts($after, 'cautions')),
            ...self::listed('Use', self::uses($before), self::uses($after)),
        ];
    }

    /** @return list<string> */
    private static function steps(\stdClass $document): array
    {
        $steps = Node::of($document)->itemsOf('card');
        $said = static fn(Node $step): string => implode(' ', array_map(static fn(string $key): string => $step->textOf($key, ''), ['do', 'look', 'hand', 'fault', 'caution']));

        return array_map(static fn(Node $step): string => trim($said($step)), $steps);
    }

    /** @return list<string> */
    private static function texts(\stdClass $document, string $key): array
    {
        return array_map(static fn(Node $it): string => $it->text(), Node::of($document)->itemsOf($key));
    }

    /** @return list<string> */
    private static function uses(\stdClass $document): array
    {
        $standard = Node::of($document);
        $places = $standard->has('uses') ? array_map(strval(...), array_keys(get_object_vars($standard->at('uses')->document()))) : [];

        return array_map(static fn(string $place): string => "$place, ".lcfirst($standard->at('uses')->at($place)->text()), $places);
    }

    /**
     * @param list<string> $before
     * @param list<string> $after
     *
     * @return list<string>
     */
    private static function listed(string $what, array $before, array $after): array
    {
        $changes = [
            ...array_map(static fn(string $it): string => "$what no longer: $it", array_values(array_diff($before, $after))),
            ...array_map(static fn(string $it): string => "$what new: $it", array_values(array_diff($after, $before))),
        ];

        return $changes === [] && $before !== $after ? ["{$what}s in another order"] : $changes;
    }
}
