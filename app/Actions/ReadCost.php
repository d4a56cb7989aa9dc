<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use DeftBlade\Core\Lots\ClassYield;
use DeftBlade\Core\Lots\LotProducts;

/** What the carcasses of a class came to, for what they cost. */
final readonly class ReadCost
{
    public function __construct(private GradeClass $grading, private ReadTables $tables) {}

    public function yieldOf(Assessment $assessment): ClassYield
    {
        $assessment->load('attempts.captures');
        $class = $this->grading->grade($assessment, $assessment->attempts);
        $products = LotProducts::of($class->standard, $this->tables->kitchen(), $this->tables->classOf($class->standard->species));

        return ClassYield::of($class->standard, $products, $class->result->attempts);
    }
}
