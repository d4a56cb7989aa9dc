<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

/** A piece of a cut list: a named set of parts, the mass expected of it and the window it is judged by. */
final readonly class Piece
{
    /** @param list<string> $parts */
    public function __construct(
        public string $id,
        public string $title,
        public array $parts,
        public Expectation $expectation,
        public Window $window,
        /** Null where the piece is one thing. */
        public ?Portions $portions = null,
    ) {}
}
