<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use App\Models\PublishedPolicy;
use DeftBlade\Core\Grading\PolicyDiff;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** A version of the policy, and what it changed against the one before, in words. */
#[OA\Schema]
final readonly class PolicyVersionView
{
    /** @param list<string> $changes */
    private function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $changes,
        #[OA\Property(description: 'Who published it; null where it shipped.')]
        public ?string $published_by,
        #[OA\Property(format: 'date-time')]
        public ?string $published_at,
    ) {}

    /**
     * @param iterable<PublishedPolicy> $published all of one key, first to last
     *
     * @return list<self> latest first
     */
    public static function allOf(iterable $published, Sentences $sentences): array
    {
        $views = [];
        $before = null;
        foreach ($published as $version) {
            $changes = $before === null ? [] : PolicyDiff::between($before, $version->document);
            array_unshift($views, new self($version->version, array_map($sentences->say(...), $changes), $version->publishedBy?->name, $version->published_at?->utc()->format(Capture::AT_FORMAT)));
            $before = $version->document;
        }

        return $views;
    }
}
