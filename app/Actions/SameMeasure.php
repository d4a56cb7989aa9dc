<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;

/** What a tray that was judged by one version of a standard says of another: the criteria whose steps said the same, the pieces with the same window. */
final readonly class SameMeasure
{
    /**
     * @param array<string, true> $criteria by id
     * @param array<string, true> $windows  by piece
     */
    private function __construct(public array $criteria, public array $windows) {}

    public static function between(Standard $then, Standard $today): self
    {
        $criteria = array_filter(array_intersect_key($today->criteria, $then->criteria), static fn(Criterion $it): bool => self::steps($it) === self::steps($then->criteria[$it->id]));
        $windows = array_filter(array_intersect_key($today->cuts->pieces, $then->cuts->pieces), static fn($it): bool => $it->window == $then->cuts->pieces[$it->id]->window);

        return new self(array_fill_keys(array_map(strval(...), array_keys($criteria)), true), array_fill_keys(array_map(strval(...), array_keys($windows)), true));
    }

    /** @return list<array{float, string}> */
    private static function steps(Criterion $it): array
    {
        return array_map(static fn($level): array => [$level->points, $level->text], $it->levels);
    }
}
