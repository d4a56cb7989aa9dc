<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\Window;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/**
 * Every difference between two versions of a standard, as messages. Where in the document each lies is said by the titles of things and, after "@", by
 * keys. Parts that change their cut and windows that follow from that are told as such; everything else is told where it stands.
 */
final readonly class StandardDiff
{
    /** Keys of numbers that are shares. */
    private const SHARES = ['share', 'sd', 'tolerance', 'cv', 'range', 'floor', 'target'];

    /** By what the items of a list are told apart. */
    private const NAMES = ['id', 'place', 'do'];

    private function __construct(private \stdClass $before, private \stdClass $after, private Standard $earlier, private Standard $later) {}

    /**
     * @param \stdClass $before a standard as it stands inside a package
     * @param \stdClass $after  another
     *
     * @return list<Message> nothing where both say the same; the version number is no difference
     */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        $diff = new self($before, $after, Standard::read(Node::of($before, 'standard')), Standard::read(Node::of($after, 'standard')));

        return [...$diff->movedParts(), ...$diff->windows(), ...$diff->objects([], self::without($before, 'version'), self::without($after, 'version'))];
    }

    /** @return list<Message> */
    private function movedParts(): array
    {
        $before = self::holders($this->earlier);
        $messages = [];
        foreach (self::holders($this->later) as $part => $holder) {
            if (isset($before[$part]) && $before[$part] !== $holder) {
                $messages[] = Message::of(MessageCode::DiffMoved, [
                    'title' => $this->later->carcass->parts[$part]->title,
                    'before' => $this->earlier->titleOf($before[$part]),
                    'after' => $this->later->titleOf($holder),
                ]);
            }
        }

        return $messages;
    }

    /** @return list<Message> of pieces that are in both: what the window is, given or following from the parts */
    private function windows(): array
    {
        $messages = [];
        foreach (array_intersect_key($this->later->cuts->pieces, $this->earlier->cuts->pieces) as $id => $piece) {
            $before = $this->earlier->cuts->pieces[$id]->window;
            if ($before != $piece->window) {
                $messages[] = Message::of(MessageCode::DiffWindow, ['title' => $piece->title] + self::limits($before, 'before') + self::limits($piece->window, 'after'));
            }
        }

        return $messages;
    }

    /** @return array<string, int|float|string|null> */
    private static function limits(Window $window, string $which): array
    {
        $byShare = $window->basis === WindowBasis::Share;

        return [
            "{$which}_basis" => $window->basis->value,
            "{$which}_low_share" => $byShare ? $window->low : null,
            "{$which}_high_share" => $byShare ? $window->high : null,
            "{$which}_low_mg" => $byShare ? null : (int) $window->low,
            "{$which}_high_mg" => $byShare ? null : (int) $window->high,
        ];
    }

    /**
     * @param list<string> $where
     *
     * @return list<Message>
     */
    private function objects(array $where, \stdClass $before, \stdClass $after): array
    {
        $messages = [];
        $keys = array_unique([...array_keys(get_object_vars($before)), ...array_keys(get_object_vars($after))]);
        foreach (array_map(strval(...), $keys) as $key) {
            if ($key === 'window' && $this->isToldByWindows($before, $after)) {
                continue;
            }
            $messages[] = $this->values([...$where, "@$key"], $key, $before->{$key} ?? null, $after->{$key} ?? null, self::isMass($before, $key) || self::isMass($after, $key));
        }

        return array_merge([], ...$messages);
    }

    /**
     * @param list<string> $where
     *
     * @return list<Message>
     */
    private function values(array $where, string $key, mixed $before, mixed $after, bool $isMass): array
    {
        return match (true) {
            $before === $after => [],
            $before === null && self::isUntitled($after) => $this->whole($where, MessageCode::DiffNowAsked, new \stdClass(), $after),
            $after === null && self::isUntitled($before) => $this->whole($where, MessageCode::DiffNoLongerAsked, $before, new \stdClass()),
            $before === null => [Message::of(MessageCode::DiffAdded, ['where' => $where, 'title' => $this->inWords($after)])],
            $after === null => [Message::of(MessageCode::DiffGone, ['where' => $where, 'title' => $this->inWords($before)])],
            is_array($before) && is_array($after) => $this->lists($where, $key, array_values($before), array_values($after)),
            $before instanceof \stdClass && $after instanceof \stdClass => $this->objects($where, $before, $after),
            (is_int($before) || is_float($before)) && (is_int($after) || is_float($after)) => self::numbers($where, $key, $before, $after, $isMass),
            default => [Message::of(MessageCode::DiffText, ['where' => $where, 'before' => $this->inWords($before), 'after' => $this->inWords($after)])],
        };
    }

    /**
     * Something without a title that came or went as a whole: a list of names to what they say is told name by name.
     *
     * @param list<string> $where
     *
     * @return list<Message>
     */
    private function whole(array $where, MessageCode $code, mixed $before, mixed $after): array
    {
        $isMap = static fn(mixed $it): bool => $it instanceof \stdClass && array_filter(get_object_vars($it), static fn(mixed $value): bool => ! is_string($value)) === [];

        return $before instanceof \stdClass && $after instanceof \stdClass && $isMap($before) && $isMap($after)
            ? $this->objects($where, $before, $after)
            : [Message::of($code, ['where' => $where])];
    }

    private static function isUntitled(mixed $value): bool
    {
        return $value instanceof \stdClass && ! isset($value->title) && ! isset($value->id);
    }

    /**
     * @param list<string> $where
     *
     * @return list<Message>
     */
    private static function numbers(array $where, string $key, int|float $before, int|float $after, bool $isMass): array
    {
        $figures = static fn(string $suffix): array => ['where' => $where, "before$suffix" => $before, "after$suffix" => $after];

        return match (true) {
            (float) $before === (float) $after => [],
            $isMass => [Message::of(MessageCode::DiffMass, $figures('_mg'))],
            str_ends_with($key, '_ms') => [Message::of(MessageCode::DiffTime, $figures('_ms'))],
            in_array($key, self::SHARES, true) => [Message::of(MessageCode::DiffShare, $figures('_share'))],
            default => [Message::of(MessageCode::DiffNumber, ['where' => $where, 'before' => (string) $before, 'after' => (string) $after])],
        };
    }

    /**
     * @param list<string> $where
     * @param list<mixed>  $before
     * @param list<mixed>  $after
     *
     * @return list<Message>
     */
    private function lists(array $where, string $key, array $before, array $after): array
    {
        [$earlier, $later] = [self::named($before), self::named($after)];
        $messages = [];
        foreach ($later as $name => $item) {
            $messages[] = match (true) {
                ! array_key_exists($name, $earlier) => $this->isMove($key, $item) ? [] : [Message::of(MessageCode::DiffAdded, ['where' => $where, 'title' => $this->inWords($item)])],
                $item instanceof \stdClass && $earlier[$name] instanceof \stdClass => $this->objects([...$where, str_starts_with($name, '#') ? '@step '.((int) substr($name, 1) + 1) : $this->inWords($item)], $earlier[$name], $item),
                default => [],
            };
        }
        foreach (array_diff_key($earlier, $later) as $item) {
            $messages[] = $this->isMove($key, $item) ? [] : [Message::of(MessageCode::DiffGone, ['where' => $where, 'title' => $this->inWords($item)])];
        }
        $common = static fn(array $one, array $other): array => array_keys(array_intersect_key($one, $other));
        if ($common($later, $earlier) !== $common($earlier, $later)) {
            $messages[] = [Message::of(MessageCode::DiffOrder, ['where' => $where])];
        }

        return array_merge([], ...$messages);
    }

    /**
     * Items by what tells them apart: their id, what they say, or their place in the list.
     *
     * @param list<mixed> $items
     *
     * @return array<string, mixed>
     */
    private static function named(array $items): array
    {
        $named = [];
        foreach ($items as $index => $item) {
            $values = $item instanceof \stdClass ? get_object_vars($item) : [];
            $name = null;
            foreach (self::NAMES as $key) {
                $name ??= is_string($values[$key] ?? null) ? $values[$key] : null;
            }
            $name ??= isset($values['points']) ? "#$index" : json_encode($item, JSON_THROW_ON_ERROR);
            while (array_key_exists($name, $named)) {
                $name .= ' ';
            }
            $named[$name] = $item;
        }

        return $named;
    }

    /** A part that is in one cut before and in another after is told once, as moved. */
    private function isMove(string $key, mixed $part): bool
    {
        return $key === 'parts' && is_string($part) && isset(self::holders($this->earlier)[$part], self::holders($this->later)[$part]);
    }

    /** The window of a piece that is in both is told with its limits, unless it is only written out where it followed. */
    private function isToldByWindows(\stdClass $before, \stdClass $after): bool
    {
        $id = is_string($after->id ?? null) ? $after->id : '';

        return isset($this->earlier->cuts->pieces[$id], $this->later->cuts->pieces[$id]) && $this->earlier->cuts->pieces[$id]->window != $this->later->cuts->pieces[$id]->window;
    }

    private static function isMass(\stdClass $object, string $key): bool
    {
        return str_ends_with($key, '_mg') || (in_array($key, ['low', 'high'], true) && ($object->basis ?? null) === WindowBasis::Mass->value);
    }

    /** A thing by its title, a text as it stands, a list by its items. */
    private function inWords(mixed $value): string
    {
        return match (true) {
            is_string($value) => $this->titleOf($value),
            is_bool($value) => $value ? '@yes' : '@no',
            is_array($value) => implode(', ', array_map($this->inWords(...), $value)),
            $value instanceof \stdClass => $this->titleOfItem($value),
            is_int($value), is_float($value) => (string) $value,
            default => '',
        };
    }

    private function titleOfItem(\stdClass $item): string
    {
        foreach (['title', 'do', 'text', 'id', 'place', 'pieces'] as $key) {
            if (isset($item->{$key})) {
                return $this->inWords($item->{$key});
            }
        }

        return implode(', ', array_map($this->inWords(...), array_values(get_object_vars($item))));
    }

    /** Ids of cuts, parts and criteria are said by their titles. */
    private function titleOf(string $text): string
    {
        $id = (string) preg_replace('/^(criterion|piece):/', '', $text);
        foreach ([$this->later, $this->earlier] as $standard) {
            $title = $standard->carcass->parts[$id]->title ?? $standard->criteria[$id]->title ?? $standard->titleOf($id);
            if ($title !== $id) {
                return $title;
            }
        }

        return $text;
    }

    /** @return array<string, string> the id of the piece or bin that holds each part */
    private static function holders(Standard $standard): array
    {
        $holders = [];
        foreach ([...array_values($standard->cuts->pieces), ...array_values($standard->cuts->bins)] as $place) {
            $holders += array_fill_keys($place->parts, $place->id);
        }

        return $holders;
    }

    private static function without(\stdClass $document, string $key): \stdClass
    {
        return (object) array_diff_key(get_object_vars($document), [$key => true]);
    }
}
