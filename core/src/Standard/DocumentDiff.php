<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/**
 * Every difference between two versions of a document, as messages. Where in the document each lies is said by the titles of things and, after "@", by keys.
 */
final readonly class DocumentDiff
{
    /** Keys of numbers that are shares. */
    private const SHARES = ['share', 'sd', 'tolerance', 'cv', 'range', 'floor', 'target', 'confidence', 'handling', 'relative'];

    /** By what the items of a list are told apart. */
    private const NAMES = ['id', 'place', 'do', 'when', 'label'];

    public function __construct(private DiffSubject $subject) {}

    /** @return list<Message> nothing where both say the same; the version number is no difference */
    public function between(\stdClass $before, \stdClass $after): array
    {
        return $this->objects([], self::without($before, 'version'), self::without($after, 'version'));
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
            if ($this->subject->tellsItself($key, $before, $after)) {
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
                ! array_key_exists($name, $earlier) => $this->subject->isMoved($key, $item) ? [] : [Message::of(MessageCode::DiffAdded, ['where' => $where, 'title' => $this->inWords($item)])],
                $item instanceof \stdClass && $earlier[$name] instanceof \stdClass => $this->objects([...$where, str_starts_with($name, '#') ? '@step '.((int) substr($name, 1) + 1) : $this->inWords($item)], $earlier[$name], $item),
                default => [],
            };
        }
        foreach (array_diff_key($earlier, $later) as $item) {
            $messages[] = $this->subject->isMoved($key, $item) ? [] : [Message::of(MessageCode::DiffGone, ['where' => $where, 'title' => $this->inWords($item)])];
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

    private static function isMass(\stdClass $object, string $key): bool
    {
        return str_ends_with($key, '_mg') || (in_array($key, ['low', 'high'], true) && ($object->basis ?? null) === WindowBasis::Mass->value);
    }

    /** A thing by its title, a text as it stands, a list by its items. */
    private function inWords(mixed $value): string
    {
        return match (true) {
            is_string($value) => $this->subject->titleOf($value),
            is_bool($value) => $value ? '@yes' : '@no',
            is_array($value) => implode(', ', array_map($this->inWords(...), $value)),
            $value instanceof \stdClass => $this->titleOfItem($value),
            is_int($value), is_float($value) => (string) $value,
            default => '',
        };
    }

    private function titleOfItem(\stdClass $item): string
    {
        foreach (['title', 'do', 'text', 'id', 'place', 'pieces', 'when', 'label'] as $key) {
            if (isset($item->{$key})) {
                return $this->inWords($item->{$key});
            }
        }

        return implode(', ', array_map($this->inWords(...), array_values(get_object_vars($item))));
    }

    private static function without(\stdClass $document, string $key): \stdClass
    {
        return (object) array_diff_key(get_object_vars($document), [$key => true]);
    }
}
