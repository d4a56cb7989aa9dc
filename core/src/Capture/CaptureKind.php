<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

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

    /** Kinds that came with the second version of the format. */
    public const SINCE_TWO = [self::Portion, self::Mise, self::Refused, self::Chill, self::Well, self::Incident];

    /** @return list<string> the keys that hold what this kind says, beside id, at, by and kind */
    public function keys(): array
    {
        return match ($this) {
            self::Received, self::Scrape => ['mass_mg'],
            self::Clock, self::Chill => ['event'],
            self::Piece => ['piece', 'mass_mg'],
            self::Portion => ['piece', 'portion', 'mass_mg'],
            self::Bin => ['bin', 'mass_mg'],
            self::Level => ['criterion', 'level'],
            self::Fault => ['fault'],
            self::Checkpoint => ['checkpoint'],
            self::Note, self::Well => ['text'],
            self::Photo => ['file', 'sha256'],
            self::Void => ['target', 'reason'],
            self::Mise => ['open'],
            self::Refused => ['reason'],
            self::Incident => ['what', 'text', 'pieces', 'treatment'],
        };
    }

    /** @return list<string> the keys it may also have */
    public function optionalKeys(): array
    {
        return match ($this) {
            self::Received => ['defects', 'tag'],
            self::Refused => ['tag'],
            self::Clock => ['reason'],
            default => [],
        };
    }
}
