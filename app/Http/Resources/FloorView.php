<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ArrangeRoom;
use App\Actions\GradedClass;
use App\Brief\Marking;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Room;
use App\School\School;
use DeftBlade\Core\Capture\CarcassLooked;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Checkpoint;
use DeftBlade\Core\Standard\Defect;
use OpenApi\Attributes as OA;

/** The room as it stands: its stations where they stand, and what can be marked. */
#[OA\Schema]
final readonly class FloorView
{
    /**
     * @param list<AssessorView>      $assessors
     * @param list<list<int>>         $rows
     * @param list<FloorStationView>  $stations
     * @param list<MiseItemView>      $mise
     * @param list<OfferedMarkView>   $marks
     * @param list<string>            $praise
     * @param list<ItemView>          $checkpoints
     * @param list<ItemView>          $pieces
     * @param list<ItemView>          $defects
     * @param list<ReceivingItemView> $receiving
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $room,
        #[OA\Property(description: 'Counts for nothing.')]
        public bool $is_rehearsal,
        #[OA\Property(description: 'Why it was cancelled; null where it was not.')]
        public ?string $cancelled,
        #[OA\Property(type: 'array', description: 'Who is down to mark it; nobody where it was not planned in a brief.', items: new OA\Items(ref: AssessorView::class))]
        public array $assessors,
        #[OA\Property(type: 'string', enum: ['poultry', 'fish', 'meat', 'other'])]
        public string $product,
        #[OA\Property(ref: '#/components/schemas/Allowance', nullable: true)]
        public ?\stdClass $time,
        #[OA\Property(description: 'How long the product may be out of the refrigerator, in ms.')]
        public int $cold_limit_ms,
        #[OA\Property(description: 'How long after one wave the next starts, in ms.')]
        public int $wave_gap_ms,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer')), description: 'Station numbers as they stand.')]
        public array $rows,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FloorStationView::class))]
        public array $stations,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MiseItemView::class))]
        public array $mise,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OfferedMarkView::class))]
        public array $marks,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What goes well without a sentence of its own.')]
        public array $praise,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ItemView::class))]
        public array $checkpoints,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ItemView::class))]
        public array $pieces,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ItemView::class))]
        public array $defects,
        #[OA\Property(description: 'The scale is simulated: the screen offers a hand at its pan.')]
        public bool $scale_is_simulated,
        #[OA\Property(description: 'The version of the arrangement (If-Match).')]
        public string $arrangement,
        #[OA\Property(ref: ScaleCheckView::class, nullable: true, description: 'The last check of the scale; null where none was made.')]
        public ?ScaleCheckView $scale_check,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReceivingItemView::class), description: 'What to look at on a carcass as it comes in.')]
        public array $receiving,
        #[OA\Property(description: 'A carcass whose core is warmer, in °C, should go back.')]
        public float $warmest_core_c,
    ) {}

    /** @param list<Marking> $markings who marks it */
    public static function of(Assessment $assessment, GradedClass $class, ShippedDocuments $shipped, School $school, Room $room, array $markings): self
    {
        $time = $class->standard->time;
        $product = $shipped->products()->of($class->standard->species);
        $vocabulary = $school->vocabulary();

        return new self(
            $assessment->id,
            $assessment->title,
            $assessment->room,
            $assessment->is_rehearsal,
            $assessment->cancelled,
            array_map(AssessorView::of(...), $markings),
            $product->class ?? 'other',
            $time === null ? null : (object) ['standard_ms' => (int) $time->standardMs, 'limit_ms' => (int) $time->limitMs],
            $product->coldLimitMs ?? config()->integer('floor.cold_limit_ms'),
            $assessment->waveGapMs(),
            $room->rowsFor(array_values($assessment->attempts->map(static fn(Attempt $it): int => $it->station)->all())),
            FloorStationView::allOf($assessment, $assessment->attempts, $class),
            MiseItemView::allOf($shipped->mise($class->standard->species), $vocabulary),
            OfferedMarkView::allOf($class),
            array_map($vocabulary->say(...), $shipped->praise()),
            array_map(static fn(Checkpoint $it): ItemView => new ItemView($it->id, $it->title), array_values($class->standard->checkpoints)),
            array_map(static fn(Piece $it): ItemView => new ItemView($it->id, $it->title), array_values($class->standard->cuts->pieces)),
            array_map(static fn(Defect $it): ItemView => new ItemView($it->id, $it->title), array_values($class->standard->defects)),
            config('scale.pan') !== null,
            ArrangeRoom::versionOf($assessment, $room),
            ScaleCheckView::latest($assessment, $class),
            ReceivingItemView::allOf($shipped->receiving($class->standard->species)->for($class->standard), $vocabulary),
            CarcassLooked::WARMEST_C,
        );
    }
}
