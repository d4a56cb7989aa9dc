<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\Window;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** Every difference between two versions of a standard. Parts that change their cut and windows that follow from that are told as such. */
final readonly class StandardDiff implements DiffSubject
{
    private function __construct(private Standard $earlier, private Standard $later) {}

    /**
     * @param \stdClass $before a standard as it stands inside a package
     * @param \stdClass $after  another
     *
     * @return list<Message> nothing where both say the same; the version number is no difference
     */
    public static function between(\stdClass $before, \stdClass $after): array
    {
        $diff = new self(Standard::read(Node::of($before, 'standard')), Standard::read(Node::of($after, 'standard')));

        return [...$diff->movedParts(), ...$diff->windows(), ...(new DocumentDiff($diff))->between($before, $after)];
    }

    /** Ids of cuts, parts and criteria are said by their titles. */
    public function titleOf(string $text): string
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

    /** The window of a piece that is in both is told with its limits, unless it is only written out where it followed. */
    public function tellsItself(string $key, \stdClass $before, \stdClass $after): bool
    {
        $id = is_string($after->id ?? null) ? $after->id : '';

        return $key === 'window' && isset($this->earlier->cuts->pieces[$id], $this->later->cuts->pieces[$id]) && $this->earlier->cuts->pieces[$id]->window != $this->later->cuts->pieces[$id]->window;
    }

    /** A part that is in one cut before and in another after is told once, as moved. */
    public function isMoved(string $list, mixed $item): bool
    {
        return $list === 'parts' && is_string($item) && isset(self::holders($this->earlier)[$item], self::holders($this->later)[$item]);
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

    /** @return array<string, string> the id of the piece or bin that holds each part */
    private static function holders(Standard $standard): array
    {
        $holders = [];
        foreach ([...array_values($standard->cuts->pieces), ...array_values($standard->cuts->bins)] as $place) {
            $holders += array_fill_keys($place->parts, $place->id);
        }

        return $holders;
    }
}
