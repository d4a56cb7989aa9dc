<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Assessment;
use App\Models\Attempt;
use App\School\School;
use DeftBlade\Core\Capture\CarcassLooked;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Evidence;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** A practical with the documents it is held against. */
#[OA\Schema]
final readonly class AssessmentView
{
    /**
     * @param list<string>            $cautions
     * @param list<StationView>       $stations
     * @param list<MiseItemView>      $mise
     * @param list<ReceivingItemView> $receiving
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $room,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public string $group,
        #[OA\Property]
        public string $course,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $standard,
        #[OA\Property(ref: '#/components/schemas/Policy')]
        public \stdClass $policy,
        #[OA\Property]
        public TrayLayoutView $layout,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StationView::class))]
        public array $stations,
        #[OA\Property(description: 'The scale is simulated: the screen offers a hand at its pan.')]
        public bool $scale_is_simulated,
        #[OA\Property(description: 'What the scrape is called.')]
        public string $scrape_title,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MiseItemView::class), description: 'What must be in order at a station before its clock starts.')]
        public array $mise,
        #[OA\Property(description: 'The key of the published standard it is held against.')]
        public string $standard_key,
        #[OA\Property]
        public int $standard_version,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReceivingItemView::class), description: 'What to look at on a carcass as it comes in.')]
        public array $receiving,
        #[OA\Property(description: 'A carcass whose core is warmer, in °C, should go back.')]
        public float $warmest_core_c,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', enum: Evidence::class), description: 'By criterion: what it can be judged from when the hour is over.')]
        public \stdClass $evidence,
    ) {}

    public static function of(Assessment $assessment, ShippedDocuments $shipped, School $school): self
    {
        $document = $school->said($assessment->held->document);
        $published = $assessment->held->loadMissing('standard')->standard;
        $node = Node::of($document, 'standard');
        $standard = Standard::read($node);

        return new self(
            $assessment->id,
            $assessment->title,
            $assessment->room,
            $assessment->held_on->toDateString(),
            $assessment->group->name,
            $assessment->group->course,
            $document,
            $school->said($assessment->held->policyDocument()),
            TrayLayoutView::of($document, $standard),
            array_map(static fn(Node $it): string => $it->text(), $node->itemsOf('cautions')),
            array_values($assessment->attempts->map(static fn(Attempt $it): StationView => StationView::of($it, $assessment))->all()),
            config('scale.pan') !== null,
            $school->vocabulary()->say('{Frame} scrape'),
            MiseItemView::allOf($shipped->mise($standard->species), $school->vocabulary()),
            $published->key,
            $published->version,
            ReceivingItemView::allOf($shipped->receiving($standard->species)->for($standard), $school->vocabulary()),
            CarcassLooked::WARMEST_C,
            (object) array_map(static fn(Criterion $it): Evidence => $it->evidence(), $standard->criteria),
        );
    }
}
