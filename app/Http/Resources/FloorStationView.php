<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use DeftBlade\Core\Capture\Capture as Fact;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use OpenApi\Attributes as OA;

/** A station of the room as it stands. */
#[OA\Schema]
final readonly class FloorStationView
{
    private const LAST = 4;

    private const ON_THE_FLOOR = ['clock', 'mise', 'look', 'received', 'refused', 'chill', 'checkpoint', 'incident', 'void'];

    /**
     * @param list<SplitView>   $splits
     * @param list<string>      $mise_open
     * @param list<string>|null $look_not
     * @param list<string>      $defects
     * @param list<MarkView>    $last
     * @param list<string>      $missing
     * @param list<\stdClass>   $facts
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
        #[OA\Property]
        public int $wave,
        #[OA\Property(ref: PanPlaceView::class, nullable: true, description: 'Null for a tray of its own.')]
        public ?PanPlaceView $pan,
        #[OA\Property]
        public float $time_factor,
        #[OA\Property(type: 'string', enum: Stage::class)]
        public Stage $stage,
        #[OA\Property(description: 'What the clock has run, less what runs now.')]
        public int $running_ms,
        #[OA\Property(description: 'Milliseconds since 1970; null while it stands.')]
        public ?int $running_since_ms,
        #[OA\Property]
        public bool $presented,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SplitView::class))]
        public array $splits,
        #[OA\Property(description: 'The mise en place was looked at.')]
        public bool $mise_looked,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Items that were not in order.')]
        public array $mise_open,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), nullable: true, description: 'What of the carcass is not as it should be; null while nobody has looked.')]
        public ?array $look_not,
        #[OA\Property(description: 'Of its core, in °C; null where it was not measured.')]
        public ?float $core_c,
        #[OA\Property]
        public ?int $received_mg,
        #[OA\Property]
        public ?string $tag,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $defects,
        #[OA\Property(description: 'Carcasses that were sent back.')]
        public int $refused,
        #[OA\Property(description: 'Time out of the refrigerator, less what runs now.')]
        public int $cold_ms,
        #[OA\Property]
        public ?int $cold_since_ms,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkView::class), description: 'Latest first.')]
        public array $last,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $missing,
        #[OA\Property]
        public int $incidents,
        #[OA\Property(description: 'Since when it waits for the scale, in ms since 1970; null while it does not.')]
        public ?int $queued_since_ms,
        #[OA\Property(description: 'When its clock first started, in ms since 1970.')]
        public ?int $started_ms,
        #[OA\Property(description: 'Why its clock may not be set running without a reason; null where it may.')]
        public ?GateView $gate,
        #[OA\Property(description: 'Something of its tray is weighed.')]
        public bool $weighed,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Capture'), description: 'What was taken down of the clock, the mise, the carcass, the refrigerator, checkpoints and incidents, and what was withdrawn: what a device goes on from without a network.')]
        public array $facts,
        #[OA\Property(description: 'The last capture this answer knows of: of two answers the one with the higher holds.')]
        public int $seq,
    ) {}

    /**
     * @param iterable<Attempt> $attempts
     *
     * @return list<self>
     */
    public static function allOf(Assessment $assessment, iterable $attempts, GradedClass $class): array
    {
        return array_map(static fn(Attempt $it): self => self::of($it, $class, $assessment), array_values([...$attempts]));
    }

    public static function of(Attempt $attempt, GradedClass $class, Assessment $assessment): self
    {
        $result = $class->of($attempt->id);
        $log = $result->attempt->log;
        $splits = [];
        foreach ($log->splits as $checkpoint => $ms) {
            $splits[] = new SplitView($checkpoint, $class->standard->checkpoints[$checkpoint]->title ?? $checkpoint, $ms);
        }

        return new self(
            $attempt->id,
            $attempt->station,
            $attempt->student->name,
            $assessment->waveOf($attempt->station),
            PanPlaceView::of($assessment->panPlaceOf($attempt->station)),
            $result->attempt->timeFactor,
            Stage::of($result),
            $log->time->ms,
            $log->time->runningSince,
            $log->time->presented,
            $splits,
            $log->floor->mise !== null,
            $log->floor->mise->open ?? [],
            $log->floor->look?->not,
            $log->floor->look?->coreC,
            $log->weights->received?->mass->mg,
            $log->weights->received?->tag,
            $log->weights->received->defects ?? [],
            count($log->floor->refusals),
            $log->floor->coldChain->ms,
            $log->floor->coldChain->outSince,
            self::last($attempt, $class),
            array_map($class->sentences->say(...), self::missing($result)),
            count($log->floor->incidents),
            in_array(Stage::of($result), [Stage::Presented, Stage::Weighing], true) ? $log->time->presentedSince ?? 0 : null,
            $log->time->startedAt,
            GateView::of($class->gate(), $log->history),
            $log->weights->pieces !== [] || $log->weights->bins !== [],
            self::facts($attempt),
            $attempt->captures->last()->seq ?? 0,
        );
    }

    /** @return list<\stdClass> */
    private static function facts(Attempt $attempt): array
    {
        $floor = $attempt->captures->filter(static fn(Capture $it): bool => in_array($it->kind, self::ON_THE_FLOOR, true));

        return array_values($floor->map(static fn(Capture $it): \stdClass => $it->inPackage())->all());
    }

    /** @return list<MarkView> */
    private static function last(Attempt $attempt, GradedClass $class): array
    {
        $captures = $attempt->captures->getDictionary();
        $last = [];
        foreach (array_reverse($class->of($attempt->id)->attempt->log->history->all(Fact::class)) as $fact) {
            $mark = MarkView::of($captures[$fact->id], $class->standard, $class->sentences);
            if ($mark !== null && array_push($last, $mark) === self::LAST) {
                break;
            }
        }

        return $last;
    }

    /** @return list<Message> what should be there at this stage and is not */
    private static function missing(AttemptResult $result): array
    {
        $log = $result->attempt->log;
        $isAtWork = $log->time->ms > 0 || $log->time->runningSince !== null;

        $lacks = array_filter([
            MessageCode::LacksMiseSeen->value => $log->floor->mise === null && ! $isAtWork && $log->weights->received !== null,
            MessageCode::LacksMise->value => ($log->floor->mise->open ?? []) !== [] && ! $log->time->presented,
            MessageCode::LacksCarcass->value => $log->weights->received === null && ($isAtWork || $log->floor->refusals !== []),
        ]);

        return array_map(static fn(string $code): Message => Message::of(MessageCode::from($code)), array_keys($lacks));
    }
}
