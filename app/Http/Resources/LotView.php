<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LotRow;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\Destination;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\ParasiteTreatment;
use DeftBlade\Core\Lots\PotUse;
use DeftBlade\Core\Vocabulary\Vocabulary;
use OpenApi\Attributes as OA;

/** A lot as it stands. */
#[OA\Schema]
final readonly class LotView
{
    /** The class of product that is an allergen, and that is served raw only with a record. */
    private const FISH = 'fish';

    /**
     * @param list<string>      $counted
     * @param list<Destination> $destinations
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid', description: 'The lot it was divided from.')]
        public ?string $parent,
        #[OA\Property(format: 'uuid')]
        public ?string $assessment,
        #[OA\Property(description: 'The practical it was made at; null where a pot made it.')]
        public ?string $practical,
        #[OA\Property(description: 'What the pot was for that made it; null where it is raw.', type: 'string', enum: PotUse::class, nullable: true)]
        public ?PotUse $use,
        #[OA\Property]
        public string $product,
        #[OA\Property(description: 'Its title in the words of the book, marked.')]
        public string $marked,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Pieces that did not meet the standard.')]
        public bool $is_off,
        #[OA\Property]
        public string $species,
        #[OA\Property]
        public ?string $allergen,
        #[OA\Property]
        public ?string $container,
        #[OA\Property(format: 'date')]
        public string $made_on,
        #[OA\Property(format: 'date', description: 'The day by which it must be gone; null while it is frozen.')]
        public ?string $use_by,
        #[OA\Property(description: 'Days until then; below 0 where it is over, null while it is frozen.')]
        public ?int $days_left,
        #[OA\Property(format: 'date')]
        public ?string $frozen_since,
        #[OA\Property(description: 'When it was made.')]
        public int $mass_mg,
        #[OA\Property]
        public int $on_hand_mg,
        #[OA\Property(description: 'What became lots of their own.')]
        public int $divided_mg,
        #[OA\Property(description: 'What the scale said of its container, against the sum of what is in it.')]
        public ?int $pan_off_mg,
        #[OA\Property(description: 'mg by destination', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))]
        public \stdClass $moved,
        #[OA\Property(description: 'Ids of the facts since it was made that are counted in it.', type: 'array', items: new OA\Items(type: 'string', format: 'uuid'))]
        public array $counted,
        #[OA\Property(description: 'Fish without a record of parasite destruction: it is not served raw.')]
        public bool $is_cooked_only,
        #[OA\Property(type: 'string', enum: ParasiteTreatment::class, nullable: true)]
        public ?string $raw_treatment,
        #[OA\Property]
        public ?string $raw_text,
        #[OA\Property(description: 'Null where nobody put a probe in it.')]
        public ?CoolingView $cooling,
        #[OA\Property(description: 'It was cooled too slowly: it goes in the bin, nowhere else.')]
        public bool $is_barred,
        #[OA\Property(description: 'Where it may go.', type: 'array', items: new OA\Items(type: 'string', enum: Destination::class))]
        public array $destinations,
    ) {}

    /** @param LotRow $lot with its assessment */
    public static function of(LotRow $lot, LotKitchen $kitchen, Vocabulary $words, CarbonImmutable $today): self
    {
        $isFish = $lot->class === self::FISH;
        $cooling = CoolingView::of($lot->cooling);
        [$treatment, $text] = [$lot->raw->treatment ?? null, $lot->raw->text ?? null];

        return new self(
            $lot->id,
            $lot->parent_id,
            $lot->assessment_id,
            $lot->assessment?->title,
            $lot->use,
            $lot->product,
            $lot->title,
            $words->say($lot->title),
            $lot->is_off,
            $lot->species,
            $isFish ? self::FISH : null,
            $lot->container,
            $lot->made_on->toDateString(),
            $lot->use_by?->toDateString(),
            $lot->use_by === null ? null : (int) $today->diffInDays($lot->use_by),
            $lot->frozen_since?->toDateString(),
            $lot->mass_mg,
            $lot->on_hand_mg,
            $lot->divided_mg,
            $lot->pan_off_mg,
            $lot->moved,
            $lot->counted,
            $isFish && $lot->use === null && $lot->raw === null,
            is_string($treatment) ? $treatment : null,
            is_string($text) ? $text : null,
            $cooling,
            $lot->isBarred(),
            $lot->isBarred() ? [Destination::Waste] : $kitchen->destinationsOf($lot->product),
        );
    }
}
