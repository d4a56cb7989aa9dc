<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PooledCarcassFile;
use App\Models\PublishedStandard;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Trends\CarcassSource;
use DeftBlade\Core\Trends\OwnCarcass;
use DeftBlade\Core\Trends\PooledCarcasses;
use DeftBlade\Core\Trends\Recalibrate;
use DeftBlade\Core\Trends\WeighedCarcass;

/** Reads what the trays that were weighed at the school, and files that other schools gave, say of shares and windows. */
final readonly class ReadOwnCarcasses
{
    public function __construct(private MarkedTrays $trays, private PractisedStandards $standards) {}

    /** @param PublishedStandard $published the version that is held against them */
    public function of(PublishedStandard $published, CarcassQuestion $asked): OwnCarcasses
    {
        $practised = $this->standards->of($published);
        $trays = $this->trays->of($published->key);
        $weighed = array_filter(array_map(static fn(MarkedTray $it): ?WeighedCarcass => $it->weighed(), $trays));
        $suppliers = array_count_values(array_filter(array_map(static fn(MarkedTray $it): ?string => $it->supplier, array_intersect_key($trays, $weighed))));
        arsort($suppliers);
        $own = array_filter($weighed, static fn(int $index): bool => $asked->supplier === null || $trays[$index]->supplier === $asked->supplier, ARRAY_FILTER_USE_KEY);
        $records = match ($asked->source) {
            CarcassSource::Own => array_values($own),
            CarcassSource::Pooled => $this->pooled($practised),
            CarcassSource::Both => [...$own, ...$this->pooled($practised)],
        };
        $carcass = new OwnCarcass(new Recalibrate($practised->standard, $asked->size->of($records), $asked->coverage, $asked->confidence, CarcassQuestion::AT_LEAST));

        return new OwnCarcasses(
            $practised,
            $published,
            $asked,
            $carcass,
            $suppliers,
            array_values(PooledCarcassFile::query()->select('id', 'standard_key', 'title', 'records', 'user_id', 'at')->where('standard_key', $published->key)->orderBy('at')->orderBy('id')->get()->all()),
            $this->others($published->key, $carcass),
            count($trays) - count($weighed),
        );
    }

    /** @return list<WeighedCarcass> */
    private function pooled(PractisedStandard $practised): array
    {
        $files = PooledCarcassFile::query()->where('standard_key', $practised->key)->orderBy('at')->orderBy('id')->get();

        return array_merge([], ...$files->map(static fn(PooledCarcassFile $it): array => PooledCarcasses::read(Node::of($it->document, 'file'), $practised->standard)->records)->all());
    }

    /** @return list<PublishedStandard> by key */
    private function others(string $key, OwnCarcass $carcass): array
    {
        $same = PublishedStandard::query()->where('key', '<>', $key)->whereRaw('version = (select max(version) from published_standards of_key where of_key.key = published_standards.key)')
            ->whereRaw("document->'carcass'->>'key' = ?", [$carcass->from->standard->carcass->key])->orderBy('key')->get();

        return array_values($same->filter(static fn(PublishedStandard $it): bool => $carcass->isOf($it->document))->all());
    }
}
