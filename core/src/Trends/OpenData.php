<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Standard\Standard;

/**
 * Weights of a school's carcasses for others: no names, no days, no stations; a week with fewer than five students is withheld, and rows lie in the order of their
 * weights (docs/formats/carcasses.md).
 */
final readonly class OpenData
{
    public const NAME = 'carcasses';

    public const FORMAT = 'deft-blade.'.self::NAME.'/1';

    public const FEWEST_STUDENTS = 5;

    /** A scale in a kitchen tells a gram; what it tells beyond that would only name the tray. */
    private const ROUNDED_TO_MG = 1_000;

    /** @var list<OpenCarcass> that are given away, by week and weight */
    public array $given;

    /** @param list<OpenCarcass> $all */
    public function __construct(private Standard $standard, private array $all)
    {
        $students = [];
        foreach ($all as $it) {
            $students[$it->week][$it->student] = true;
        }
        $given = array_values(array_filter($all, static fn(OpenCarcass $it): bool => count($students[$it->week]) >= self::FEWEST_STUDENTS));
        usort($given, static fn(OpenCarcass $a, OpenCarcass $b): int => [$a->week, $a->apMg, $a->pieces, $a->bins] <=> [$b->week, $b->apMg, $b->pieces, $b->bins]);
        $this->given = $given;
    }

    public function withheld(): int
    {
        return count($this->all) - count($this->given);
    }

    public function document(): \stdClass
    {
        $place = static fn(Piece|Bin $it): \stdClass => (object) ['id' => $it->id, 'title' => $it->title, 'parts' => $it->parts];

        return (object) [
            'format' => self::FORMAT,
            'species' => $this->standard->species,
            'carcass' => $this->standard->carcass->key,
            'standard' => $this->standard->key,
            'pieces' => array_map($place, array_values($this->standard->cuts->pieces)),
            'bins' => array_map($place, array_values($this->standard->cuts->bins)),
            'records' => array_map($this->record(...), $this->given),
        ];
    }

    private function record(OpenCarcass $it): \stdClass
    {
        return (object) [
            'week' => $it->week,
            'ap_mg' => self::rounded($it->apMg),
            'pieces' => (object) array_map(self::rounded(...), array_intersect_key($it->pieces, $this->standard->cuts->pieces)),
            'bins' => (object) array_map(self::rounded(...), array_intersect_key($it->bins, $this->standard->cuts->bins)),
            'running_s' => $it->seconds,
        ];
    }

    private static function rounded(int $mg): int
    {
        return (int) round($mg / self::ROUNDED_TO_MG) * self::ROUNDED_TO_MG;
    }
}
