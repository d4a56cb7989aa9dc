<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\RosterChange;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** What one row of a file would do. */
#[OA\Schema]
final readonly class RosterLineView
{
    /** @param list<string> $changes */
    private function __construct(
        #[OA\Property]
        public int $line,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $number,
        #[OA\Property]
        public string $group,
        #[OA\Property(enum: ['new', 'changed', 'same'])]
        public string $does,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $changes,
    ) {}

    public static function of(RosterChange $change, Sentences $sentences): self
    {
        return new self(
            $change->row->line,
            $change->row->name,
            $change->row->number,
            $change->row->groupName(),
            $change->isNew() ? 'new' : ($change->changes() ? 'changed' : 'same'),
            array_map($sentences->say(...), $change->changes),
        );
    }
}
