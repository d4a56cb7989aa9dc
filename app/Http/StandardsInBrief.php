<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\StandardInBrief;
use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Cache;

/**
 * What lists show of standards. A document never changes once it is published or held, so what is worked out from it is kept, by the version of the
 * school's settings whose words it is said in.
 */
final readonly class StandardsInBrief
{
    public function __construct(private School $school, private ShippedDocuments $shipped) {}

    /**
     * @param array<string, \Closure(): \stdClass> $documents by what names each for good: an id, a SHA-256
     *
     * @return array<string, StandardInBrief> by the same
     */
    public function of(array $documents): array
    {
        $kept = Cache::get($this->key());
        $kept = is_array($kept) ? array_filter($kept, static fn(mixed $it): bool => $it instanceof StandardInBrief) : [];
        $new = array_map($this->read(...), array_diff_key($documents, $kept));
        if ($new !== []) {
            Cache::forever($this->key(), $kept + $new);
        }
        $found = [];
        foreach (array_keys($documents) as $name) {
            $found[$name] = $new[$name] ?? $kept[$name];
        }

        return $found;
    }

    /**
     * @param Collection<int, PublishedStandard> $standards
     *
     * @return array<string, StandardInBrief> by id
     */
    public function ofPublished(Collection $standards): array
    {
        return $this->of($standards->mapWithKeys(static fn(PublishedStandard $it): array => [$it->id => static fn(): \stdClass => PublishedStandard::query()->findOrFail($it->id)->document])->all());
    }

    /** @param \Closure(): \stdClass $document */
    private function read(\Closure $document): StandardInBrief
    {
        $said = $this->school->said($document());

        $standard = Standard::read(Node::of($said, 'standard'));
        $plan = $this->shipped->planOf($standard->carcass);

        return StandardInBrief::of($said, $standard, $plan === null ? null : Node::of($plan, 'plan'));
    }

    /** All of them under one key: the store would look for each of three hundred keys among three hundred rows. */
    private function key(): string
    {
        return "standards in brief {$this->school->version}";
    }
}
