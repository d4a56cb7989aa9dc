<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Brief\BriefList;
use App\Http\Prints\CutMap\CutMapDrawing;
use App\Http\Resources\MethodStepView;
use DeftBlade\Core\Carcass\Product;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Planning\ByProduct;
use DeftBlade\Core\Planning\Equipment;
use DeftBlade\Core\Planning\OrderLine;
use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\TrayLayout;

/** One standard of a practical with the students who work to it, as it is printed. */
final readonly class PrintedList
{
    /**
     * @param list<MethodStepView> $card
     * @param list<string>         $cautions
     * @param list<MiseItem>       $mise       at each station, said as here
     * @param list<Equipment>      $equipment  for the room, said as here
     * @param list<ByProduct>      $byProducts
     * @param list<PrintedStudent> $students   in the order of stations
     * @param OrderLine|null       $order      null where it is not known what a carcass weighs
     */
    public function __construct(
        public Standard $standard,
        public int $version,
        public Policy $policy,
        public ?Product $product,
        public TrayLayout $layout,
        public CutMapDrawing $map,
        public array $card,
        public array $cautions,
        public array $mise,
        public array $equipment,
        public array $byProducts,
        public array $students,
        public ?OrderLine $order,
        public BriefList $asked,
        public bool $isPriced,
    ) {}

    /** @return array<int, non-empty-list<PrintedStudent>> by wave */
    public function waves(): array
    {
        return PrintedStudent::byWave($this->students);
    }

    /** @return list<array<int, string>> titles by column, row by row */
    public function tray(): array
    {
        $rows = [];
        foreach ($this->layout->places as ['place' => $place, 'column' => $column, 'row' => $row]) {
            $rows[$row][$column] = $this->standard->titleOf($place);
        }
        ksort($rows);

        return array_values($rows);
    }
}
