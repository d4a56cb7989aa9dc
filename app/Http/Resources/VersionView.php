<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\PresentationDiff;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\StandardDiff;
use OpenApi\Attributes as OA;

/** A version of a standard, and what it changed against the one before, in words. */
#[OA\Schema]
final readonly class VersionView
{
    /** @param list<string> $changes */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public int $version,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $changes,
    ) {}

    /**
     * @param iterable<PublishedStandard> $published all versions of one key, first to last
     *
     * @return list<self> latest first
     */
    public static function allOf(iterable $published): array
    {
        $views = [];
        $before = null;
        foreach ($published as $version) {
            $views[] = new self($version->id, $version->version, $before === null ? [] : [
                ...StandardDiff::between(Standard::read(Node::of($before, 'standard')), Standard::read(Node::of($version->document, 'standard'))),
                ...PresentationDiff::between($before, $version->document),
            ]);
            $before = $version->document;
        }

        return array_reverse($views);
    }
}
