<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ReleaseState;
use App\Models\Attempt;
use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** What stands in the way of releasing a result, or should give pause before it. */
#[OA\Schema]
final readonly class PauseView
{
    /** What a release does not stop at by itself, and somebody should have looked at. */
    private const PAUSES = [Flag::SecondLookOpen, Flag::OutOfBalance, Flag::MixUp, Flag::ScaleOut];

    private function __construct(
        #[OA\Property(description: 'It cannot be released as it stands.')]
        public bool $stops,
        #[OA\Property]
        public string $text,
    ) {}

    /**
     * @param list<Flag> $flags
     * @param bool       $isUnmarked it should be marked twice, and nobody was asked
     *
     * @return list<self> what stands in the way first
     */
    public static function allOf(Attempt $attempt, array $flags, bool $isUnmarked, Sentences $sentences): array
    {
        $stops = $attempt->row->status === Status::Final ? [] : [in_array(Flag::ToAgree, $flags, true) ? Flag::ToAgree->message() : Flag::Provisional->message()];
        $pauses = array_map(static fn(Flag $it): Message => $it->message(), array_values(array_filter(self::PAUSES, static fn(Flag $it): bool => in_array($it, $flags, true))));
        $others = array_filter([
            MessageCode::PauseNotMarkedTwice->value => $isUnmarked,
            MessageCode::WaitingIssueAgain->value => ReleaseState::of($attempt) === ReleaseState::Changed,
        ]);
        $said = static fn(bool $stops): \Closure => static fn(Message $it): self => new self($stops, $sentences->say($it));

        return [
            ...array_map($said(true), $stops),
            ...array_map($said(false), [...$pauses, ...array_map(static fn(string $code): Message => Message::of(MessageCode::from($code)), array_keys($others))]),
        ];
    }
}
