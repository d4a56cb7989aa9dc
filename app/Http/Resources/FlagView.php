<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** What stands out about a tray, as a code and as the school says it. */
#[OA\Schema]
final readonly class FlagView
{
    private function __construct(
        #[OA\Property(type: 'string', enum: Flag::class)]
        public Flag $flag,
        #[OA\Property]
        public string $text,
    ) {}

    /**
     * @param list<Flag> $flags
     *
     * @return list<self>
     */
    public static function allOf(array $flags, Sentences $sentences): array
    {
        return array_map(static fn(Flag $it): self => new self($it, $sentences->say($it->message())), $flags);
    }
}
