<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** A version of a standard or a policy, and what it changed against the one before, in words. */
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
        #[OA\Property(description: 'Who published it; null where it shipped.')]
        public ?string $published_by,
        #[OA\Property(format: 'date-time')]
        public ?string $published_at,
    ) {}

    /**
     * @param iterable<PublishedPolicy>|iterable<PublishedStandard> $published all versions of one key, first to last
     * @param \Closure(\stdClass, \stdClass): list<Message>         $between   what a later document changed of an earlier one
     *
     * @return list<self> latest first
     */
    public static function allOf(iterable $published, \Closure $between, Sentences $sentences): array
    {
        $views = [];
        $before = null;
        foreach ($published as $version) {
            $views[] = new self($version->id, $version->version, $before === null ? [] : array_map($sentences->say(...), $between($before, $version->document)), $version->publishedBy?->name, $version->published_at?->utc()->format(Capture::AT_FORMAT));
            $before = $version->document;
        }

        return array_reverse($views);
    }
}
