<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Models\Assessment;
use App\Models\Attempt;
use DeftBlade\Core\Balance\MixUp;
use DeftBlade\Core\Balance\MixUpKind;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use OpenApi\Attributes as OA;

/** Which other tray a tray may have been mixed up with, in words. */
#[OA\Schema]
final readonly class MixUpView
{
    private function __construct(
        #[OA\Property(type: 'string', enum: MixUpKind::class)]
        public MixUpKind $kind,
        #[OA\Property(format: 'uuid')]
        public string $other_attempt,
        #[OA\Property]
        public ?string $piece,
        #[OA\Property]
        public string $text,
    ) {}

    /** @return list<self> seen from one tray, likeliest first; a spill says nothing where an exchange explains the same two trays */
    public static function seenFrom(Attempt $attempt, Assessment $assessment, GradedClass $class): array
    {
        return array_map(static function (MixUp $it) use ($attempt, $assessment, $class): self {
            $other = $it->over === $attempt->id ? $it->short : $it->over;
            $tray = $assessment->attempts->firstOrFail('id', $other);
            $figures = ['station' => $tray->station, 'student' => $tray->student->name, 'left_mg' => $it->leftMg];

            return new self($it->kind, $other, $it->piece, $class->sentences->say(match (true) {
                $it->piece !== null => Message::of(MessageCode::MixUpSwap, ['piece' => $it->piece] + $figures),
                $it->over === $attempt->id => Message::of(MessageCode::MixUpHere, $figures),
                default => Message::of(MessageCode::MixUpThere, $figures),
            }));
        }, self::telling($class->mixUpsOf($attempt->id)));
    }

    /**
     * @param list<MixUp> $mixUps
     *
     * @return list<MixUp>
     */
    private static function telling(array $mixUps): array
    {
        $pair = static fn(MixUp $it): string => "{$it->over} {$it->short}";
        $exchanged = array_map($pair, array_filter($mixUps, static fn(MixUp $it): bool => $it->kind === MixUpKind::Swap));

        return array_values(array_filter($mixUps, static fn(MixUp $it): bool => $it->kind === MixUpKind::Swap || ! in_array($pair($it), $exchanged, true)));
    }
}
