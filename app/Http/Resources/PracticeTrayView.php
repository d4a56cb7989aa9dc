<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\OwnTray;
use App\Models\PracticeFact;
use App\School\School;
use DeftBlade\Core\Balance\BalanceAdvice;
use DeftBlade\Core\Capture\MarkRound;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Standard\Criterion;
use OpenApi\Attributes as OA;

/** A practice tray as it stands: the same windows and the same balance as any, and no mark. */
#[OA\Schema]
final readonly class PracticeTrayView
{
    /**
     * @param list<\stdClass>          $captures in order
     * @param list<StepSplitView>      $splits
     * @param list<string>             $advice
     * @param list<string>             $cautions
     * @param list<CriterionApartView> $apart
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $tray,
        #[OA\Property(format: 'uuid')]
        public string $standard_id,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $standard,
        #[OA\Property]
        public TrayLayoutView $layout,
        #[OA\Property(description: 'What the scrape is called.')]
        public string $scrape_title,
        #[OA\Property]
        public HoldsView $holds,
        #[OA\Property(ref: '#/components/schemas/AttemptResult')]
        public \stdClass $result,
        #[OA\Property(description: 'Milliseconds since 1970 by the device that started the clock; null while it stands.')]
        public ?int $running_since_ms,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SentCapture'))]
        public array $captures,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StepSplitView::class), description: 'When the steps of the card were done, as far as they were taken down.')]
        public array $splits,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $advice,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CriterionApartView::class), description: 'How they judged themselves, beside the last released result.')]
        public array $apart,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number'), description: 'Shares of the AP weight, by piece, of those weighed.')]
        public \stdClass $shares,
        #[OA\Property(ref: ReferenceView::class, nullable: true, description: 'Null where nobody who teaches made a tray of theirs the reference.')]
        public ?ReferenceView $reference,
    ) {}

    /**
     * @param array<string, int> $given     levels that assessors gave last, by criterion
     * @param OwnTray|null       $reference of the standard, with the authors of its facts
     */
    public static function of(OwnTray $tray, array $given, ?OwnTray $reference, School $school): self
    {
        $standard = $tray->practised->standard;
        $log = $tray->result->attempt->log;
        $sentences = $school->sentences($standard);
        $cautions = $tray->practised->cautions();

        return new self(
            $tray->id,
            $tray->practised->id,
            $tray->practised->document,
            TrayLayoutView::of($tray->practised->document, $standard),
            $school->vocabulary()->say('{Frame} scrape'),
            HoldsView::of($log),
            self::withoutMarks($tray->result, new ResultDocument(PackageFormat::Three, $sentences)),
            $log->time->runningSince,
            array_map(static fn(PracticeFact $it): \stdClass => $it->capture(), $tray->captures()),
            StepSplitView::allOf($tray->splits()),
            array_map($sentences->say(...), (new BalanceAdvice($standard))->for($tray->result->balance, $log)),
            $cautions,
            CriterionApartView::allOf($log->judged->levelsOf(MarkRound::First), $given, array_map(static fn(Criterion $it): string => $it->title, $standard->criteria)),
            (object) ReferenceView::sharesOf($tray),
            $reference === null ? null : ReferenceView::of($reference),
        );
    }

    /** It is graded so that windows, balance and yield are known; what it would come to is told to nobody. */
    private static function withoutMarks(AttemptResult $result, ResultDocument $document): \stdClass
    {
        return (object) (['total' => null, 'band' => null, 'caps' => [], 'components' => [], 'borderline' => [], 'reasons' => [], 'remarks' => []] + $document->attempt($result));
    }
}
