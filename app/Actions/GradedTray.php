<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Trends\FactorTray;
use Illuminate\Database\Eloquent\Collection;

/** A tray as it is graded now, with what its total should not go with. */
final readonly class GradedTray
{
    /** @param Standard $standard that it was held against */
    private function __construct(public Standard $standard, public FactorTray $factors, public Node $result) {}

    /**
     * @param Collection<int, Attempt> $attempts of the class, their results done
     *
     * @return array<string, self> by attempt
     */
    public static function allOf(Assessment $assessment, GradedClass $class, Collection $attempts): array
    {
        $factors = ReadFairness::factors(array_values($attempts->map(static fn(Attempt $it): MarkedTray => new MarkedTray($it->row, $assessment, $it->student_id, null, $class->held))->all()));
        $result = static fn(string $attempt): Node => Node::decode(json_encode($class->document($attempt), ResultDocument::JSON_FLAGS));

        return array_combine(array_keys($factors), array_map(static fn(string $attempt, FactorTray $it): self => new self($class->standard, $it, $result($attempt)), array_keys($factors), $factors));
    }
}
