<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Flag;
use App\Actions\ReleaseState;
use App\Models\Assessment;
use DeftBlade\Core\Grading\Stage;
use OpenApi\Attributes as OA;

/** Something that waits for a person: one tray, or a whole practical. */
#[OA\Schema]
final readonly class WaitingView
{
    private function __construct(
        #[OA\Property]
        public WaitingKind $kind,
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property(format: 'uuid')]
        public ?string $attempt,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $text,
    ) {}

    /** @return list<self> of one practical, most pressing first */
    public static function in(Assessment $assessment, PracticalView $practical): array
    {
        $found = [];
        $ready = 0;
        foreach ($practical->trays as $tray) {
            if ($tray->release_state === ReleaseState::Current || $tray->release_state === ReleaseState::EntriesSince) {
                continue;
            }
            $kind = match (true) {
                $tray->release_state === ReleaseState::Changed => WaitingKind::IssueAgain,
                in_array(Flag::OutOfBalance, $tray->flags, true) => WaitingKind::Balance,
                $tray->stage === Stage::Weighed => WaitingKind::Inspect,
                in_array($tray->stage, [Stage::Presented, Stage::Weighing], true) => WaitingKind::Weigh,
                in_array(Flag::Borderline, $tray->flags, true) => WaitingKind::SecondLook,
                default => null,
            };
            $ready += $tray->stage === Stage::Judged && $tray->release_state === ReleaseState::Unreleased ? 1 : 0;
            if ($kind !== null) {
                $found[] = new self($kind, $assessment->id, $tray->attempt, "Station $tray->station, $tray->student", self::textFor($kind, $tray));
            }
        }
        if ($ready > 0) {
            $found[] = new self(WaitingKind::Release, $assessment->id, null, $practical->title, $ready === 1 ? '1 result is final and unreleased' : "$ready results are final and unreleased");
        }
        usort($found, static fn(self $a, self $b): int => array_search($a->kind, WaitingKind::cases(), true) <=> array_search($b->kind, WaitingKind::cases(), true));

        return $found;
    }

    private static function textFor(WaitingKind $kind, TrayCardView $tray): string
    {
        return match ($kind) {
            WaitingKind::Balance => in_array(Flag::MixUp, $tray->flags, true) ? 'Weights do not balance; perhaps mixed up with another tray' : 'Weights do not balance',
            WaitingKind::SecondLook => 'Borderline: a second assessor should see it',
            WaitingKind::Weigh => 'To be weighed in',
            WaitingKind::Inspect => 'Weighed, to be inspected',
            WaitingKind::IssueAgain => 'Changed since it was released: issue the next version',
            WaitingKind::Release => 'To be released',
        };
    }
}
