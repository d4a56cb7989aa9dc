<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use DeftBlade\Core\Json\Node;
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

    /** @return list<self> latest first */
    public static function allOf(string $key): array
    {
        $views = [];
        $before = null;
        foreach (PublishedStandard::query()->where('key', $key)->orderBy('version')->get() as $published) {
            $standard = Standard::read(Node::of($published->document, 'standard'));
            $views[] = new self($published->id, $published->version, $before === null ? [] : StandardDiff::between($before, $standard));
            $before = $standard;
        }

        return array_reverse($views);
    }
}
