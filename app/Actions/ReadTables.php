<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** What lies on the tables of a class, and how this school deals with it. */
final readonly class ReadTables
{
    public function __construct(private GradeClass $grading, private School $school, private ShippedDocuments $shipped) {}

    public function of(Assessment $assessment): Tables
    {
        $assessment->load('attempts.captures');
        $class = $this->grading->grade($assessment, $assessment->attempts);

        return Tables::of($class->standard, LotProducts::of($class->standard, $this->kitchen(), $this->classOf($class->standard->species)), $class->result->attempts);
    }

    /** What it calls things, it says in the words of the book. */
    public function kitchen(): LotKitchen
    {
        return LotKitchen::read(Node::of($this->shipped->school('lots'), 'lots'), $this->school->settings->variants);
    }

    public function classOfAssessment(string $assessment): ?string
    {
        $species = Assessment::query()->findOrFail($assessment)->held->document->species ?? null;

        return is_string($species) ? $this->classOf($species) : null;
    }

    /** The class of product of a species: poultry, fish, meat; null for one that did not ship. */
    public function classOf(string $species): ?string
    {
        return $this->shipped->products()->of($species)?->class;
    }
}
