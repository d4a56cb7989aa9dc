<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\HeldDocuments;
use App\School\School;
use DeftBlade\Core\Capture\CaptureHistory;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;

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

    /** Its weights alone, which is all that putting something away asks for. */
    public function weightsOf(Assessment $assessment): Tables
    {
        $standard = Standard::read(Node::of($assessment->held->document, 'standard'));
        $reader = new CaptureReader($standard);
        $kinds = array_map(static fn(CaptureKind $it): string => $it->value, Tables::WEIGHTS);
        $facts = [];
        foreach ($assessment->captures()->whereIn('captures.kind', $kinds)->get() as $capture) {
            $facts[$capture->attempt_id][] = $reader->read(Node::of($capture->inPackage()));
        }

        return Tables::ungraded(LotProducts::of($standard, $this->kitchen(), $this->classOf($standard->species)), array_map(CaptureHistory::of(...), $facts));
    }

    /** What it calls things, it says in the words of the book. */
    public function kitchen(): LotKitchen
    {
        return LotKitchen::read(Node::of($this->shipped->school('lots'), 'lots'), $this->school->settings->variants);
    }

    public function standardOf(string $assessment): Standard
    {
        $held = HeldDocuments::query()->where('assessment_id', $assessment)->latest('seq')->firstOrFail();

        return Standard::read(Node::of($held->document, 'standard'));
    }

    /** How long its carcasses may be out of the refrigerator. */
    public function coldLimitMs(Assessment $assessment): int
    {
        $species = $assessment->held->document->species ?? null;

        return $this->coldLimitOf(is_string($species) ? $species : '');
    }

    /** How long carcasses of a species may be out of the refrigerator, in ms. */
    public function coldLimitOf(string $species): int
    {
        return $this->shipped->products()->of($species)->coldLimitMs ?? config()->integer('floor.cold_limit_ms');
    }

    /** The class of product of a species: poultry, fish, meat; null for one that did not ship. */
    public function classOf(string $species): ?string
    {
        return $this->shipped->products()->of($species)?->class;
    }
}
