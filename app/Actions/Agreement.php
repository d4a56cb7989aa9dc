<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Agreement\AssessorsApart;
use DeftBlade\Core\Agreement\LevelPairs;

/** How the assessors of the trays that were marked twice in some days lie to each other. */
final readonly class Agreement
{
    /**
     * @param array<string, JudgedTwice> $criteria by the id that the levels name
     * @param array<string, string>      $names    by id of a person
     * @param array<string, string>      $trays    what they are called, by attempt
     * @param int                        $marked   trays that were marked twice
     */
    public function __construct(public AssessorsApart $apart, public array $criteria, public array $names, public array $trays, public int $marked) {}

    /** @return list<LevelPairs> those furthest apart first: by kappa, then by the share that is equal */
    public function byCriterion(): array
    {
        $pairs = $this->apart->criteria(array_map(static fn(JudgedTwice $it): int => count($it->criterion->levels), $this->criteria));
        $apart = array_map(static fn(LevelPairs $it): array => [$it->kappa() ?? 1.0, $it->exact(), $it->id], $pairs);
        array_multisort($apart, $pairs);

        return $pairs;
    }
}
