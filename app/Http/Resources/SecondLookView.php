<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\LevelJudged;
use DeftBlade\Core\Capture\MarkRound;
use DeftBlade\Core\Capture\SecondLooks;
use OpenApi\Attributes as OA;

/** The second look at a tray, as one person is told of it. */
#[OA\Schema]
final readonly class SecondLookView
{
    /**
     * @param list<string> $open     names
     * @param list<string> $finished names
     */
    private function __construct(
        #[OA\Property(ref: SecondLookState::class, description: 'How the person who asks stands to it. While it is open, what another assessor judged is hidden from them.')]
        public SecondLookState $yours,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Who is asked for it, or at it.')]
        public array $open,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Who has given it.')]
        public array $finished,
    ) {}

    /** @param array<string, string> $names by id of a person */
    public static function of(CaptureLog $log, User $user, array $names): self
    {
        $looks = SecondLooks::of($log->history);
        $gaveFirst = array_filter($log->history->all(LevelJudged::class), static fn(LevelJudged $it): bool => $it->by === $user->id && $it->round === MarkRound::First) !== [];
        $named = static fn(string $it): string => $names[$it] ?? '';

        return new self(
            match (true) {
                in_array($user->id, $looks->open, true) => SecondLookState::Open,
                in_array($user->id, $looks->finished, true) => SecondLookState::Finished,
                $gaveFirst => SecondLookState::GaveFirst,
                default => SecondLookState::Free,
            },
            array_map($named, $looks->open),
            array_map($named, $looks->finished),
        );
    }
}
