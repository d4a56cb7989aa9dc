<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Models\Student;
use DeftBlade\Core\Planning\PanPlace;
use DeftBlade\Core\Planning\Turn;

/** A student with what is printed for them. */
final readonly class PrintedStudent
{
    /**
     * @param float         $startS from the start of the practical
     * @param float         $limitS when their time is over
     * @param float         $factor of their time allowance
     * @param string|null   $tray   the address of their tray; null until the practical is set
     * @param PanPlace|null $pan    where on a shared pan; null for a tray of their own
     */
    private function __construct(
        public int $station,
        public string $name,
        public string $group,
        public int $wave,
        public float $startS,
        public float $limitS,
        public float $factor,
        public ?string $tray,
        public ?PanPlace $pan,
    ) {}

    /** @param Turn|null $turn of their wave; null where it is not in the plan */
    public static function of(Student $student, int $station, int $wave, ?Turn $turn, float $factor, ?string $tray, ?PanPlace $pan): self
    {
        return new self($station, $student->name, $student->group->fullName(), $wave, $turn->startS ?? 0.0, $turn->limitS ?? 0.0, $factor, $tray, $pan);
    }

    /**
     * @param iterable<self> $students
     *
     * @return array<int, non-empty-list<self>>
     */
    public static function byWave(iterable $students): array
    {
        $waves = [];
        foreach ($students as $student) {
            $waves[$student->wave][] = $student;
        }
        ksort($waves);

        return $waves;
    }
}
