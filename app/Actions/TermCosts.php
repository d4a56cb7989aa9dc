<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use DeftBlade\Core\Lots\CostSum;
use DeftBlade\Core\Lots\CutCost;

/** What the practicals of some days cost: all together, and by what one asks for. */
final readonly class TermCosts
{
    /** @param list<CostedClass> $costed those whose delivery is written down */
    private function __construct(private array $costed) {}

    /** @param list<CostedClass> $classes */
    public static function of(array $classes): self
    {
        return new self(array_values(array_filter($classes, static fn(CostedClass $it): bool => $it->cost !== null)));
    }

    public function total(): CostSum
    {
        return CostSum::all(array_map(self::sumOf(...), $this->costed));
    }

    /**
     * @param callable(CostedClass): string $key
     *
     * @return array<string, SummedCost> in the order of the key
     */
    public function by(callable $key): array
    {
        $sums = [];
        foreach ($this->costed as $class) {
            $sums[$key($class)] = ($sums[$key($class)] ?? SummedCost::none())->plus(self::sumOf($class), self::titled($class, $class->cost?->cuts() ?? []));
        }
        ksort($sums, SORT_NATURAL);

        return $sums;
    }

    /** @return list<array{Student, SummedCost}> in the order of names */
    public function students(): array
    {
        $found = [];
        foreach ($this->costed as $class) {
            $students = $class->attempts->keyBy('id');
            $cuts = $class->cost?->cutsByTray() ?? [];
            foreach ($class->cost?->byTray() ?? [] as $attempt => $sum) {
                $student = $students[$attempt]->student ?? throw new \LogicException('a tray is somebody\'s');
                $found[$student->id] = [$student, ($found[$student->id][1] ?? SummedCost::none())->plus($sum, self::titled($class, $cuts[$attempt]))];
            }
        }
        usort($found, static fn(array $one, array $other): int => $one[0]->family_name <=> $other[0]->family_name ?: $one[0]->name <=> $other[0]->name);

        return $found;
    }

    public static function sumOf(CostedClass $class): CostSum
    {
        return $class->cost?->sum() ?? CostSum::none();
    }

    /**
     * @param array<string, CutCost> $cuts by product
     *
     * @return array<string, CutCost> by title: a thigh and a boneless thigh are two
     */
    private static function titled(CostedClass $class, array $cuts): array
    {
        $titled = [];
        foreach ($cuts as $id => $cut) {
            $titled[$class->yield->products->products[$id]->title] = $cut;
        }

        return $titled;
    }
}
