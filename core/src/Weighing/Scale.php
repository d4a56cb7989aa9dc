<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

use DeftBlade\Core\Json\Node;

/** What is known of the scale: its division (taken as the verification interval e), whether it is in service, and the handling share. */
final readonly class Scale
{
    public function __construct(public int $divisionMg, public bool $inService, public float $handling) {}

    public static function read(Node $node): self
    {
        $node->keys(['division_mg', 'in_service', 'handling']);

        return new self(
            $node->at('division_mg')->integer(1, Mass::MOST_MG),
            $node->at('in_service')->boolean(),
            $node->at('handling')->number(0, 1),
        );
    }

    /**
     * Maximum permissible error of a load, in mg: OIML R 76-1, table 6, class III (0.5 e to 500 e, 1 e to 2 000 e, then 1.5 e);
     * twice that in service (3.5.2).
     */
    public function maximumPermissibleError(int $mg): float
    {
        $divisions = match (true) {
            $mg <= 500 * $this->divisionMg => 0.5,
            $mg <= 2000 * $this->divisionMg => 1.0,
            default => 1.5,
        };

        return $divisions * $this->divisionMg * ($this->inService ? 2 : 1);
    }

    /**
     * Standard uncertainty of one net weighing, in mg: rectangular distributions after JCGM 100:2008, 4.3.7, for the permissible error and
     * for two readings (zero and load) rounded to a division, with the handling share beside them.
     */
    public function standardUncertainty(int $mg): float
    {
        return sqrt($this->maximumPermissibleError($mg) ** 2 / 3 + $this->divisionMg ** 2 / 6 + ($this->handling * $mg) ** 2);
    }
}
