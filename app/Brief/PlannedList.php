<?php

declare(strict_types=1);

namespace App\Brief;

use App\Models\PublishedStandard;
use App\Models\Student;
use DeftBlade\Core\Carcass\Product;
use DeftBlade\Core\Planning\ByProduct;
use DeftBlade\Core\Planning\OrderLine;
use DeftBlade\Core\Planning\PanPlace;
use DeftBlade\Core\Planning\Turn;
use DeftBlade\Core\Standard\Standard;

/** A list of a brief with what it names, looked up. */
final readonly class PlannedList
{
    /**
     * @param PublishedStandard|null $published null where none is chosen yet
     * @param Standard|null          $standard  as it is held and said here
     * @param list<Student>          $students  in the order of stations
     * @param int                    $first     the station of the first
     * @param list<Turn>             $turns     of the students
     * @param list<PanPlace>         $pans      of the students; empty where each has a tray of their own
     * @param OrderLine|null         $order     null where it is not known what is cut
     */
    public function __construct(
        public ?PublishedStandard $published,
        public ?Standard $standard,
        public ?Product $product,
        public array $students,
        public int $first,
        public array $turns,
        public array $pans,
        public ?OrderLine $order,
        public bool $isPriced,
    ) {}

    /** @return list<ByProduct> what its carcasses leave together; none where it is not known what one weighs */
    public function byProducts(): array
    {
        return $this->standard === null || $this->order === null ? [] : ByProduct::of($this->standard, count($this->students), $this->order->typicalMg);
    }

    public function bars(Student $student): bool
    {
        return $this->product !== null && in_array($this->product->class, $student->barred, true);
    }
}
