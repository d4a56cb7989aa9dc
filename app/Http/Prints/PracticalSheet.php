<?php

declare(strict_types=1);

namespace App\Http\Prints;

/** What is printed for a practical. */
enum PracticalSheet: string
{
    case Brief = 'brief';
    case Method = 'method';
    case Stations = 'stations';
    case Scores = 'scores';
    case Mise = 'mise';
    case Purchase = 'purchase';
    case Labels = 'labels';
    case Pans = 'pans';
    case Room = 'room';
    case SignIn = 'sign-in';

    public function title(): string
    {
        return match ($this) {
            self::Brief => 'Brief for students',
            self::Method => 'Method cards',
            self::Stations => 'Station cards',
            self::Scores => 'Score sheets on paper',
            self::Mise => 'Mise en place',
            self::Purchase => 'Purchase list',
            self::Labels => 'Container labels',
            self::Pans => 'Pans and zone labels',
            self::Room => 'Room plan',
            self::SignIn => 'Sign-in list',
        };
    }
}
