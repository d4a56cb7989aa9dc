<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\GivenLevels;
use DeftBlade\Core\Capture\SecondLooks;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** What stands out about a tray in a list. */
enum Flag: string
{
    case Provisional = 'provisional';
    /** Two assessors gave levels that lie too far apart. */
    case ToAgree = 'to_agree';
    /** Somebody is asked for a second look, or at it. */
    case SecondLookOpen = 'second_look_open';
    /** A band turns on one judgement, and two assessors have judged. */
    case Borderline = 'borderline';
    /** A band turns on one judgement, and only one assessor has judged. */
    case NotSecondMarked = 'not_second_marked';
    case OutOfBalance = 'out_of_balance';
    /** Only seen between the trays of a class (MixUpSearch), never from one tray. */
    case MixUp = 'mix_up';
    case Capped = 'capped';
    /** Something was weighed while the scale was known to be out of limits. */
    case ScaleOut = 'scale_out';

    /** What weighing alone tells of a tray. */
    private const WEIGHED = [self::OutOfBalance, self::MixUp, self::ScaleOut];

    /** @return list<self> what is seen from the tray alone, in the order of the cases */
    public static function of(AttemptResult $result): array
    {
        $isBorderline = $result->status === Status::Final && $result->borderline !== [];
        $isSecondMarked = array_filter($result->attempt->log->judged->levels, static fn(GivenLevels $it): bool => $it->second !== null || $it->agreed !== null) !== [];

        return array_values(array_filter(self::cases(), static fn(self $flag): bool => match ($flag) {
            self::Provisional => $result->status === Status::Provisional,
            self::ToAgree => $result->toAgree !== [],
            self::SecondLookOpen => SecondLooks::of($result->attempt->log->history)->open !== [],
            self::Borderline => $isBorderline && $isSecondMarked,
            self::NotSecondMarked => $isBorderline && ! $isSecondMarked,
            self::OutOfBalance => $result->balance->state->isOff(),
            self::Capped => $result->grade->caps !== [],
            self::MixUp => false,
            self::ScaleOut => $result->scaleOut !== null,
        }));
    }

    /**
     * @param list<string> $flags values of the cases
     *
     * @return list<string> those that weighing alone tells
     */
    public static function weighedAmong(array $flags): array
    {
        return array_values(array_intersect($flags, array_map(static fn(self $it): string => $it->value, self::WEIGHED)));
    }

    public function message(): Message
    {
        return Message::of(match ($this) {
            self::Provisional => MessageCode::FlagProvisional,
            self::ToAgree => MessageCode::FlagToAgree,
            self::SecondLookOpen => MessageCode::FlagSecondLookOpen,
            self::Borderline => MessageCode::FlagBorderline,
            self::NotSecondMarked => MessageCode::FlagNotSecondMarked,
            self::OutOfBalance => MessageCode::FlagOutOfBalance,
            self::MixUp => MessageCode::FlagMixUp,
            self::Capped => MessageCode::FlagCapped,
            self::ScaleOut => MessageCode::FlagScaleOut,
        });
    }
}
