<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use DeftBlade\Core\Lots\CostSum;

/** What the practicals of some days cost: all together, and by what one asks for. */
final readonly class TermCosts
{
    /**
     * @param list<CostedClass> $costed
     * @param list<CostedClass> $unpriced were weighed, but nobody wrote their delivery down
     */
    private function __construct(public array $costed, public array $unpriced) {}

    /** @param list<CostedClass> $classes */
    public static function of(array $classes): self
    {
        $isCosted = static fn(CostedClass $it): bool => $it->cost !== null;

        return new self(array_values(array_filter($classes, $isCosted)), array_values(array_filter($classes, static fn(CostedClass $it): bool => ! $isCosted($it))));
    }

    public function total(): CostSum
    {
        return CostSum::all(array_map(self::sumOf(...), $this->costed));
    }

    /**
     * @param callable(CostedClass): string $key
     *
     * @return array<string, CostSum> in the order of the key
     */
    public function by(callable $key): array
    {
        $sums = [];
        foreach ($this->costed as $class) {
            $sums[$key($class)] = ($sums[$key($class)] ?? CostSum::none())->plus(self::sumOf($class));
        }
        ksort($sums, SORT_NATURAL);

        return $sums;
    }

    /** @return list<array{Student, CostSum}> in the order of names */
    public function students(): array
    {
        $found = [];
        foreach ($this->costed as $class) {
            $students = $class->attempts->keyBy('id');
            foreach ($class->cost?->byTray() ?? [] as $attempt => $sum) {
                $student = $students[$attempt]->student ?? throw new \LogicException('a tray is somebody\'s');
                $found[$student->id] = [$student, ($found[$student->id][1] ?? CostSum::none())->plus($sum)];
            }
        }
        usort($found, static fn(array $one, array $other): int => $one[0]->family_name <=> $other[0]->family_name ?: $one[0]->name <=> $other[0]->name);

        return $found;
    }

    public static function sumOf(CostedClass $class): CostSum
    {
        return $class->cost?->sum() ?? CostSum::none();
    }
}
