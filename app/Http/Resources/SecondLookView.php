<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\SecondLooks;
use DeftBlade\Core\Capture\SecondLookStanding;
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
        #[OA\Property(type: 'string', enum: SecondLookStanding::class, description: 'How the person who asks stands to it. While it is open, what another assessor judged is hidden from them.')]
        public SecondLookStanding $yours,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Who is asked for it, or at it.')]
        public array $open,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Who has given it.')]
        public array $finished,
    ) {}

    /** @param array<string, string> $names by id of a person */
    public static function of(CaptureLog $log, User $user, array $names): self
    {
        $looks = SecondLooks::of($log->history);
        $named = static fn(string $it): string => $names[$it] ?? '';

        return new self(
            $looks->standingOf($user->id),
            array_map($named, $looks->open),
            array_map($named, $looks->finished),
        );
    }
}
