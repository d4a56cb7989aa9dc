<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StudentGroup;
use App\Models\User;
use OpenApi\Attributes as OA;

/** Somebody, or a group, by id and name. */
#[OA\Schema]
final readonly class NameView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
    ) {}

    public static function of(User $person): self
    {
        return new self($person->id, $person->name);
    }

    public static function ofGroup(StudentGroup $group): self
    {
        return new self($group->id, $group->fullName());
    }

    /**
     * @param list<string>        $ids
     * @param array<string, User> $people by id
     *
     * @return list<self>
     */
    public static function among(array $ids, array $people): array
    {
        return array_map(self::of(...), array_values(array_intersect_key($people, array_flip($ids))));
    }
}
