<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Standard\Examination;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\StandardDiff;
use OpenApi\Attributes as OA;

/** A draft of a standard as it stands: what is wrong with it, what its pieces would weigh, what it would change against the latest version. */
#[OA\Schema]
final readonly class CheckView
{
    /**
     * @param list<PlacedError>  $problems
     * @param list<ExpectedView> $expected
     * @param list<string>       $changes
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlacedError::class))]
        public array $problems,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ExpectedView::class))]
        public array $expected,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $changes,
        #[OA\Property(description: 'The version it would become.')]
        public int $version,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'What the school says otherwise than the draft does, by what the draft says.')]
        public \stdClass $said,
    ) {}

    public static function of(Examination $examination, \stdClass $document, ?PublishedStandard $latest, School $school): self
    {
        $standard = $examination->standard;

        return new self(
            array_map(static fn(InvalidPackage $it): PlacedError => PlacedError::of($it, $school->sentences($standard)), $examination->problems),
            $standard === null ? [] : ExpectedView::allOf($standard),
            $examination->problems !== [] || $standard === null || $latest === null ? [] : array_map($school->sentences($standard)->say(...), StandardDiff::between($latest->document, $document)),
            ($latest->version ?? 0) + 1,
            (object) $school->vocabulary()->otherwise($document),
        );
    }
}
