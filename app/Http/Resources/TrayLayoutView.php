<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\TrayLayout;
use OpenApi\Attributes as OA;

/** Where each piece lies on the tray. */
#[OA\Schema]
final readonly class TrayLayoutView
{
    /** @param list<TrayPlaceView> $places */
    private function __construct(
        #[OA\Property]
        public int $columns,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrayPlaceView::class))]
        public array $places,
    ) {}

    public static function of(\stdClass $document, Standard $standard): self
    {
        return self::as(TrayLayout::of($document, $standard));
    }

    /** As it was sealed. */
    public static function sealed(Node $layout): self
    {
        return self::as(TrayLayout::read($layout));
    }

    private static function as(TrayLayout $layout): self
    {
        return new self($layout->columns, array_map(static fn(array $it): TrayPlaceView => new TrayPlaceView($it['place'], $it['column'], $it['row']), $layout->places));
    }
}
