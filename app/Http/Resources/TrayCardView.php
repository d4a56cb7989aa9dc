<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ListedTray;
use App\Actions\ReleaseState;
use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Grading\Verdict;
use OpenApi\Attributes as OA;

/** A tray in a list: whose it is, how far it has come, what stands out. */
#[OA\Schema]
final readonly class TrayCardView
{
    /** @param list<FlagView> $flags */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
        #[OA\Property(type: 'string', enum: Stage::class)]
        public Stage $stage,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FlagView::class))]
        public array $flags,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', enum: Verdict::class), description: 'By piece.')]
        public \stdClass $verdicts,
        #[OA\Property(type: 'string', enum: ReleaseState::class)]
        public ReleaseState $release_state,
    ) {}

    /** @param list<FlagView> $flags */
    public static function of(ListedTray $tray, array $flags): self
    {
        return new self($tray->attempt, $tray->station, $tray->student, $tray->stage, $tray->total, $tray->band, $flags, $tray->verdicts, $tray->releaseState);
    }

    public function has(Flag $flag): bool
    {
        return in_array($flag, array_column($this->flags, 'flag'), true);
    }
}
