<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The kinds of fact: a new one is a class and the line that names it here (and since when the format knows it). */
enum CaptureKind: string
{
    case Received = 'received';
    case Clock = 'clock';
    case Piece = 'piece';
    case Portion = 'portion';
    case Bin = 'bin';
    case Scrape = 'scrape';
    case Level = 'level';
    case Fault = 'fault';
    case Checkpoint = 'checkpoint';
    case Note = 'note';
    case Photo = 'photo';
    case Void = 'void';
    case Mise = 'mise';
    case Refused = 'refused';
    case Chill = 'chill';
    case Well = 'well';
    case Incident = 'incident';
    case Allowance = 'allowance';
    case Resit = 'resit';
    case Station = 'station';
    case Standard = 'standard';
    case Look = 'look';
    case SecondLook = 'second_look';
    case Answer = 'answer';

    /** @return class-string<Capture> */
    public function fact(): string
    {
        return match ($this) {
            self::Received => Received::class,
            self::Clock => ClockTurned::class,
            self::Piece => PieceWeighed::class,
            self::Portion => PortionWeighed::class,
            self::Bin => BinWeighed::class,
            self::Scrape => Scraped::class,
            self::Level => LevelJudged::class,
            self::Fault => FaultMarked::class,
            self::Checkpoint => CheckpointPassed::class,
            self::Note => Noted::class,
            self::Photo => Photographed::class,
            self::Void => Withdrawal::class,
            self::Mise => MiseSeen::class,
            self::Refused => CarcassRefused::class,
            self::Chill => ColdChainEvent::class,
            self::Well => DoneWell::class,
            self::Incident => IncidentRecorded::class,
            self::Allowance => AllowanceSet::class,
            self::Resit => ResitSet::class,
            self::Station => StationSet::class,
            self::Standard => StandardSet::class,
            self::Look => CarcassLooked::class,
            self::SecondLook => SecondLookTurned::class,
            self::Answer => AnswerHandedIn::class,
        };
    }

    /** The version of the format it came with. */
    public function since(): int
    {
        return match ($this) {
            self::Portion, self::Mise, self::Refused, self::Chill, self::Well, self::Incident => 2,
            self::Allowance, self::Resit, self::Station, self::Standard, self::Look => 3,
            self::SecondLook => 4,
            self::Answer => 5,
            default => 1,
        };
    }

    /** It is there before anything happens at a station: its terms, and what the student handed in. */
    public function isAhead(): bool
    {
        return $this->isTerm() || $this === self::Answer;
    }

    /** It says under what terms an attempt is made, not what happened in it. */
    public function isTerm(): bool
    {
        return in_array($this, [self::Allowance, self::Resit, self::Station, self::Standard], true);
    }
}
