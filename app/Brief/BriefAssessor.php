<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Json\Node;

/** Who marks which stations, first or second. */
final readonly class BriefAssessor
{
    /** @param list<int> $stations */
    private function __construct(public string $person, public bool $isSecond, public array $stations) {}

    public static function read(Node $node): self
    {
        $node->keys(['person', 'is_second', 'stations']);

        return new self(
            Id::read($node->at('person')),
            $node->at('is_second')->boolean(),
            array_map(static fn(Node $it): int => $it->integer(1, 999), $node->at('stations')->items()),
        );
    }
}
