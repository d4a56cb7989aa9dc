<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\ShelfItemView;
use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Support\Facades\Cache;

/**
 * The latest version of every standard as the shelf shows it. A published version never changes, so what is worked out from its document is kept, by the
 * version of the school's settings whose words it is said in.
 */
final readonly class Shelf
{
    /** @return list<\stdClass> each a ShelfItemView */
    public function items(School $school): array
    {
        $latest = PublishedStandard::query()->select('id', 'key')->withCount('assessments')->distinct('key')->orderBy('key')->orderByDesc('version')->get();
        $keys = [];
        foreach ($latest as $published) {
            $keys[$published->id] = "shelf {$published->id} {$school->version}";
        }
        $kept = Cache::many(array_values($keys));
        $items = [];
        foreach ($latest as $published) {
            $item = $kept[$keys[$published->id]] ?? null;
            $item = $item instanceof \stdClass ? $item : $this->keep($keys[$published->id], $published->id, $school);
            $item->used = $published->assessments_count ?? 0;
            $items[] = $item;
        }

        return $items;
    }

    private function keep(string $key, string $id, School $school): \stdClass
    {
        $published = PublishedStandard::query()->findOrFail($id);
        $view = ShelfItemView::of($published, Standard::read(Node::of($school->said($published->document), 'standard')));
        $item = json_decode(json_encode($view, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 32, JSON_THROW_ON_ERROR);
        $item = $item instanceof \stdClass ? $item : throw new \LogicException('a view is an object');
        Cache::forever($key, $item);

        return $item;
    }
}
