<?php

declare(strict_types=1);

namespace App\Models;

/** What can be set as homework. */
enum Drill: string
{
    /** Follow the method card to its end. */
    case Card = 'card';
    /** Answer ten questions. */
    case Questions = 'questions';
    /** Cut and log a tray. */
    case Tray = 'tray';

    private const A_ROUND = 10;

    /** @param list<PracticeFact> $facts of one person by its standard, since it was set */
    public function isDone(array $facts): bool
    {
        $count = static fn(callable $is): int => count(array_filter($facts, $is));

        return match ($this) {
            self::Card => $count(static fn(PracticeFact $it): bool => $it->kind === PracticeFact::FOLLOWED) > 0,
            self::Questions => $count(static fn(PracticeFact $it): bool => $it->isAnswer()) >= self::A_ROUND,
            self::Tray => $count(static fn(PracticeFact $it): bool => $it->tray !== null) > 0,
        };
    }
}
