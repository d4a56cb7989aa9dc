<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

enum CaptureKind: string
{
    case Received = 'received';
    case Clock = 'clock';
    case Piece = 'piece';
    case Bin = 'bin';
    case Scrape = 'scrape';
    case Level = 'level';
    case Fault = 'fault';
    case Checkpoint = 'checkpoint';
    case Note = 'note';
    case Photo = 'photo';
    case Void = 'void';

    /** @return list<string> the keys that hold what this kind says, beside id, at, by and kind */
    public function keys(): array
    {
        return match ($this) {
            self::Received, self::Scrape => ['mass_mg'],
            self::Clock => ['event'],
            self::Piece => ['piece', 'mass_mg'],
            self::Bin => ['bin', 'mass_mg'],
            self::Level => ['criterion', 'level'],
            self::Fault => ['fault'],
            self::Checkpoint => ['checkpoint'],
            self::Note => ['text'],
            self::Photo => ['file', 'sha256'],
            self::Void => ['target', 'reason'],
        };
    }
}
