<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** Where the carcasses of one class went. */
final readonly class ClassFlow
{
    /** @param list<array{FlowStage, FlowStage, int}> $gone what became of cuts, by-products and waste: stage, end, mg */
    public function __construct(public string $species, public ClassAccount $account, public array $gone) {}

    /** @param list<self> $classes */
    public static function together(array $classes): Flow
    {
        $delivered = $gone = [];
        foreach ($classes as $class) {
            $delivered[$class->species] = ($delivered[$class->species] ?? ClassAccount::none())->plus($class->account);
            foreach ($class->gone as [$stage, $end, $mg]) {
                $key = "{$stage->value} {$end->value}";
                $gone[$key] = [$stage, $end, ($gone[$key][2] ?? 0) + $mg];
            }
        }
        ksort($delivered);

        return Flow::of($delivered, array_values($gone));
    }
}
