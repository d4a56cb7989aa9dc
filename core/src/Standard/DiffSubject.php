<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

/** What only the kind of document knows when two versions of it are compared. */
interface DiffSubject
{
    /** A text of the document as it is said: ids by the titles of what they name, words of the format as "@word". */
    public function titleOf(string $text): string;

    /** Whether a difference under this key is told in another way. */
    public function tellsItself(string $key, \stdClass $before, \stdClass $after): bool;

    /** Whether an item that came or went in this list only changed its place, and that is told in another way. */
    public function isMoved(string $list, mixed $item): bool;
}
