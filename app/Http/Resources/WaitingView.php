<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ReleaseState;
use App\Models\Appeal;
use App\Models\Attempt;
use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Sentence\Sentences;
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

    /** @param Attempt $attempt of which a second look is asked, with its student and practical */
    public static function yourLook(Attempt $attempt, Sentences $sentences): self
    {
        return new self(
            WaitingKind::YourLook,
            $attempt->assessment_id,
            $attempt->id,
            "{$attempt->assessment->title}: {$sentences->say(Message::of(MessageCode::WaitingTray, ['station' => $attempt->station, 'student' => $attempt->student->name]))}",
            $sentences->say(Message::of(MessageCode::WaitingYourLook)),
        );
    }

    /** @param Appeal $appeal that is not decided or not put right yet, its attempt with student and practical */
    public static function appeal(Appeal $appeal, Sentences $sentences): self
    {
        $attempt = $appeal->attempt;
        $day = ['day' => $appeal->answer_by->format('j F')];

        return new self(
            WaitingKind::Appeal,
            $attempt->assessment_id,
            $attempt->id,
            "{$attempt->assessment->title}: {$sentences->say(Message::of(MessageCode::WaitingTray, ['station' => $attempt->station, 'student' => $attempt->student->name]))}",
            $sentences->say(match (true) {
                $appeal->isDecided() => Message::of(MessageCode::WaitingAppealPutRight),
                $appeal->assignee() === null => Message::of(MessageCode::WaitingAppealGive, $day),
                default => Message::of(MessageCode::WaitingAppealDecide, $day),
            }),
        );
    }

    /** @return list<self> of one practical, most pressing first */
    public static function in(PracticalView $practical, Sentences $sentences): array
    {
        if ($practical->cancelled !== null) {
            return [];
        }
        $found = [];
        $ready = 0;
        foreach ($practical->trays as $tray) {
            if ($tray->release_state === ReleaseState::Current || $tray->release_state === ReleaseState::EntriesSince) {
                continue;
            }
            $kind = match (true) {
                $tray->release_state === ReleaseState::Changed => WaitingKind::IssueAgain,
                $tray->has(Flag::OutOfBalance) => WaitingKind::Balance,
                $tray->has(Flag::ToAgree) => WaitingKind::Agree,
                $tray->stage === Stage::Weighed => WaitingKind::Inspect,
                in_array($tray->stage, [Stage::Presented, Stage::Weighing], true) => WaitingKind::Weigh,
                $tray->has(Flag::NotSecondMarked) && ! $tray->has(Flag::SecondLookOpen) => WaitingKind::SecondLook,
                default => null,
            };
            $ready += $tray->stage === Stage::Judged && $tray->release_state === ReleaseState::Unreleased ? 1 : 0;
            if ($kind !== null) {
                $found[] = new self($kind, $practical->id, $tray->attempt, $sentences->say(Message::of(MessageCode::WaitingTray, ['station' => $tray->station, 'student' => $tray->student])), $sentences->say(self::messageOf($kind, $tray)));
            }
        }
        if ($ready > 0 && ! $practical->is_rehearsal) {
            $found[] = new self(WaitingKind::Release, $practical->id, null, $practical->title, $sentences->say(Message::of(MessageCode::WaitingRelease, ['count' => $ready])));
        }
        usort($found, static fn(self $a, self $b): int => array_search($a->kind, WaitingKind::cases(), true) <=> array_search($b->kind, WaitingKind::cases(), true));

        return $found;
    }

    private static function messageOf(WaitingKind $kind, TrayCardView $tray): Message
    {
        return Message::of(match ($kind) {
            WaitingKind::Balance => $tray->has(Flag::MixUp) ? MessageCode::WaitingMixUp : MessageCode::WaitingBalance,
            WaitingKind::Agree => MessageCode::WaitingAgree,
            WaitingKind::SecondLook => MessageCode::WaitingSecondLook,
            WaitingKind::Weigh => MessageCode::WaitingWeigh,
            WaitingKind::Inspect => MessageCode::WaitingInspect,
            WaitingKind::IssueAgain => MessageCode::WaitingIssueAgain,
            WaitingKind::YourLook, WaitingKind::Appeal, WaitingKind::Release => throw new \LogicException('waits otherwise'),
        });
    }
}
