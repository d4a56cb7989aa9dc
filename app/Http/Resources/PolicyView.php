<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedPolicy;
use App\School\School;
use DeftBlade\Core\Grading\PolicyDiff;
use DeftBlade\Core\Shipped\ShippedDocuments;
use OpenApi\Attributes as OA;

/** The policy the school grades by, with its versions. */
#[OA\Schema]
final readonly class PolicyView
{
    /** @param list<VersionView> $versions latest first */
    private function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/Policy', description: 'In the words of the school.')]
        public \stdClass $said,
        #[OA\Property(ref: '#/components/schemas/Policy', description: 'As it was published.')]
        public \stdClass $document,
        #[OA\Property(ref: '#/components/schemas/Policy', description: 'As it ships.')]
        public \stdClass $shipped,
        #[OA\Property(type: 'array', items: new OA\Items(ref: VersionView::class))]
        public array $versions,
    ) {}

    /** @param iterable<PublishedPolicy> $versions all of the key, first to last, with who published them */
    public static function of(PublishedPolicy $policy, iterable $versions, School $school, ShippedDocuments $shipped): self
    {
        return new self($policy->version, $school->said($policy->document), $policy->document, $shipped->policy($policy->key), VersionView::allOf($versions, PolicyDiff::between(...), $school->sentences()));
    }
}
