<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** The kinds of fact about lots: a new one is a class and the line that names it here. */
enum LotFactKind: string
{
    case PutAway = 'put_away';
    case Move = 'move';
    case Divide = 'divide';
    case Weigh = 'weigh';
    case Freeze = 'freeze';
    case Thaw = 'thaw';
    case Raw = 'raw';
    case Pot = 'pot';
    case PotStep = 'pot_step';
    case Draw = 'draw';
    case Cool = 'cool';
    case Need = 'need';
    case Void = 'void';

    /** @return class-string<LotFact> */
    public function fact(): string
    {
        return match ($this) {
            self::PutAway => PutAway::class,
            self::Move => Moved::class,
            self::Divide => Divided::class,
            self::Weigh => PanWeighed::class,
            self::Freeze => IntoFreezer::class,
            self::Thaw => OutOfFreezer::class,
            self::Raw => RawRecorded::class,
            self::Pot => PotStarted::class,
            self::PotStep => PotStepped::class,
            self::Draw => Drawn::class,
            self::Cool => LotCooled::class,
            self::Need => NeedAsked::class,
            self::Void => LotWithdrawal::class,
        };
    }
}
