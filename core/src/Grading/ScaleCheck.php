<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\Instant;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\Scale;

/** A check weight put on the scale: what it weighs, and what the scale said. */
final readonly class ScaleCheck
{
    /**
     * @param int    $at ms since 1970, UTC
     * @param string $by who put it on
     */
    public function __construct(public string $id, public int $at, public string $by, public Mass $nominal, public Mass $reading) {}

    public static function read(Node $node): self
    {
        $node->keys(['id', 'at', 'by', 'nominal_mg', 'reading_mg']);
        $mass = static fn(string $key, int $least): Mass => Mass::ofMilligrams($node->at($key)->integer($least, Mass::MOST_MG));

        return new self($node->at('id')->identifier(), Instant::read($node->at('at')), $node->at('by')->identifier(), $mass('nominal_mg', 1), $mass('reading_mg', 0));
    }

    /** How much too much the scale said, in mg. */
    public function errorMg(): int
    {
        return $this->reading->mg - $this->nominal->mg;
    }

    /** The error of a check is held against the permissible one of its load: OIML R 76-1, table 6, and 3.5.2 in service. */
    public function isWithin(Scale $scale): bool
    {
        return abs($this->errorMg()) <= $scale->maximumPermissibleError($this->nominal->mg);
    }
}
