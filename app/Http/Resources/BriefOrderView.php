<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Planning\OrderLine;
use OpenApi\Attributes as OA;

/** What to buy for a list. */
#[OA\Schema]
final readonly class BriefOrderView
{
    private function __construct(
        #[OA\Property(description: 'Carcasses, with spares.')]
        public int $needed,
        #[OA\Property]
        public int $to_buy,
        #[OA\Property]
        public int $cases,
        #[OA\Property]
        public int $ordered,
        #[OA\Property(description: 'What one weighs.')]
        public int $typical_mg,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property(description: 'In minor units; null while the price is missing.')]
        public ?int $cost_minor,
        #[OA\Property]
        public ?int $cost_per_student_minor,
        #[OA\Property(format: 'date-time', description: 'When it goes from the freezer into the refrigerator; null where it comes fresh or no day is set.')]
        public ?string $thaw_from,
    ) {}

    public static function of(OrderLine $line, bool $isPriced): self
    {
        return new self(
            $line->needed(),
            $line->toBuy(),
            $line->cases(),
            $line->ordered(),
            $line->typicalMg,
            $line->massMg(),
            $isPriced ? Minor::rounded($line->cost()) : null,
            $isPriced && $line->students > 0 ? Minor::rounded($line->cost() / $line->students) : null,
            $line->thawFrom()?->setTimezone(new \DateTimeZone('UTC'))->format(Capture::AT_FORMAT),
        );
    }
}
