<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Actions\ReleaseState;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\Release;
use App\Photos\Evidence;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\Worth;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Vocabulary\Units;
use OpenApi\Attributes as OA;

/** One result with its reasons: as it stands now, or a version as it was sealed. */
#[OA\Schema]
final readonly class VerdictView
{
    /**
     * @param list<string>       $photos
     * @param list<string>       $well
     * @param list<ReleaseView>  $releases
     * @param list<WorthView>    $worth
     * @param list<HandedInView> $answers
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $student,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $practical,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $standard,
        #[OA\Property(ref: '#/components/schemas/Policy')]
        public \stdClass $policy,
        #[OA\Property]
        public TrayLayoutView $layout,
        #[OA\Property(ref: '#/components/schemas/AttemptResult')]
        public \stdClass $result,
        #[OA\Property(type: 'string', enum: Units::class, description: 'What masses are shown in.')]
        public Units $units,
        #[OA\Property(description: 'What times are shown in.')]
        public string $time_zone,
        #[OA\Property(description: 'The version shown; null for the result as it stands now.')]
        public ?int $version,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReleaseView::class), description: 'Every version so far, the first issue first.')]
        public array $releases,
        #[OA\Property(type: 'string', enum: ReleaseState::class, description: 'How the latest version stands against the facts of now.')]
        public ReleaseState $release_state,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Photographs, by SHA-256.')]
        public array $photos,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What was done well.')]
        public array $well,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WorthView::class), description: 'What to change first: what cost most, the largest first; said of a released version.')]
        public array $worth,
        #[OA\Property(type: 'array', items: new OA\Items(ref: HandedInView::class), description: 'What the student wrote before the clock, in the order of the criteria it was judged as.')]
        public array $answers,
    ) {}

    /** @param Attempt $attempt with student, captures, releases and what it is held against */
    public static function now(Attempt $attempt, GradedClass $class, School $school): self
    {
        $assessment = $attempt->assessment;
        $evidence = Evidence::in(array_values($attempt->captures->map(static fn(Capture $it): Node => Node::of($it->inPackage(), 'capture'))->all()));

        return new self(
            $attempt->id,
            $assessment->id,
            $attempt->student->name,
            $attempt->station,
            $assessment->title,
            $assessment->held_on->toDateString(),
            $class->document,
            $school->said($assessment->held->policyDocument()),
            TrayLayoutView::of($class->document, $class->standard),
            $class->document($attempt->id),
            $school->settings->units,
            $school->settings->timeZone,
            null,
            self::history($attempt),
            ReleaseState::of($attempt),
            $evidence->photos,
            $evidence->well,
            [],
            HandedInView::among($class->standard, $evidence->answers),
        );
    }

    /** From the seal alone: nothing that changed since shows, but which versions there are. */
    public static function sealed(Attempt $attempt, Release $release): self
    {
        $seal = Node::decode($release->seal->document);
        $evidence = Evidence::in($seal->at('package')->at('attempts')->items()[0]->at('captures')->items());

        return new self(
            $attempt->id,
            $attempt->assessment_id,
            $seal->at('student')->text(),
            $seal->at('station')->integer(0, 999),
            $seal->at('practical')->text(),
            $seal->at('held_on')->text(),
            $seal->at('standard')->document(),
            $seal->at('policy')->document(),
            TrayLayoutView::sealed($seal->at('layout')),
            $seal->at('result')->document(),
            $seal->at('units')->oneOf(Units::class),
            $seal->at('time_zone')->text(),
            $release->version,
            self::history($attempt),
            ReleaseState::of($attempt),
            $evidence->photos,
            $evidence->well,
            array_map(WorthView::of(...), Worth::most($seal->at('standard'), $seal->at('result'))),
            HandedInView::among(Standard::read($seal->at('standard')), $evidence->answers),
        );
    }

    /** @return list<ReleaseView> */
    private static function history(Attempt $attempt): array
    {
        return array_values($attempt->releases->map(ReleaseView::of(...))->all());
    }
}
