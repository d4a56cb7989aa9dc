<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Json\Node;

/** Somebody who does not assess a student: a relative, a partner, whoever would be asked about it later. */
final readonly class NotBy
{
    private function __construct(public string $person, public string $student) {}

    public static function read(Node $node): self
    {
        $node->keys(['person', 'student']);

        return new self(Id::read($node->at('person')), Id::read($node->at('student')));
    }
}
