<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\CarcassQuestion;
use App\Actions\OwnCarcasses;
use App\Models\PooledCarcassFile;
use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Carcass\Part;
use DeftBlade\Core\Trends\NewWindow;
use OpenApi\Attributes as OA;

/** What the school's own carcasses say of the shares and windows of a standard. */
#[OA\Schema]
final readonly class OwnCarcassView
{
    /**
     * @param list<SupplierView>      $suppliers
     * @param list<PooledFileView>    $files
     * @param list<OwnWindowView>     $pieces
     * @param list<OwnShareView>      $parts
     * @param list<OtherStandardView> $others
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $standard,
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Of the standard in force.')]
        public int $version,
        #[OA\Property(description: 'Carcasses looked at.')]
        public int $records,
        #[OA\Property(description: 'Of fewer nothing is proposed.')]
        public int $at_least,
        #[OA\Property(description: 'Trays left out, since their weights do not add up.')]
        public int $apart,
        #[OA\Property(description: 'Whether any window is proposed.')]
        public bool $proposes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SupplierView::class), description: 'The most trays first.')]
        public array $suppliers,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PooledFileView::class))]
        public array $files,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OwnWindowView::class))]
        public array $pieces,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OwnShareView::class))]
        public array $parts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OtherStandardView::class), description: 'Other standards that cut the same carcass.')]
        public array $others,
    ) {}

    public static function of(OwnCarcasses $own, School $school): self
    {
        $standard = $own->practised->standard;

        return new self(
            $own->practised->id,
            $own->practised->key,
            $standard->title,
            $own->published->version,
            count($own->carcass->from->records),
            CarcassQuestion::AT_LEAST,
            $own->apart,
            $own->carcass->proposes(),
            array_map(static fn(string $name, int $trays): SupplierView => new SupplierView($name, $trays), array_map(strval(...), array_keys($own->suppliers)), array_values($own->suppliers)),
            array_map(static fn(PooledCarcassFile $it): PooledFileView => PooledFileView::of($it), $own->files),
            array_map(static fn(NewWindow $it): OwnWindowView => OwnWindowView::of($it), $own->carcass->windows),
            array_values(array_map(static fn(Part $it): OwnShareView => new OwnShareView($it->id, $it->title, $it->share, $own->carcass->shares[$it->id]), $standard->carcass->parts)),
            array_map(static fn(PublishedStandard $it): OtherStandardView => OtherStandardView::of($it, $school->vocabulary()->say(is_string($it->document->title ?? null) ? $it->document->title : $it->key)), $own->others),
        );
    }
}
