<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Models\Attempt;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Grading\Status;
use OpenApi\Attributes as OA;

/** What stands out about a tray on the class sheet. */
#[OA\Schema(type: 'string')]
enum Flag: string
{
    case Provisional = 'provisional';
    case Borderline = 'borderline';
    case OutOfBalance = 'out_of_balance';
    case MixUp = 'mix_up';
    case Capped = 'capped';

    /** @return list<self> */
    public static function of(Attempt $attempt, GradedClass $class): array
    {
        $result = $class->of($attempt->id);

        return array_values(array_filter(self::cases(), static fn(self $flag): bool => match ($flag) {
            self::Provisional => $result->status === Status::Provisional,
            self::Borderline => $result->status === Status::Final && $result->borderline !== [],
            self::OutOfBalance => in_array($result->balance->state, [BalanceState::Short, BalanceState::Over], true),
            self::MixUp => $class->mixUpsOf($attempt->id) !== [],
            self::Capped => $result->grade->caps !== [],
        }));
    }

    public function label(): string
    {
        return match ($this) {
            self::Provisional => 'provisional',
            self::Borderline => 'borderline',
            self::OutOfBalance => 'out of balance',
            self::MixUp => 'mix-up?',
            self::Capped => 'capped',
        };
    }
}
