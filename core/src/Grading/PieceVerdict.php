<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\Quantity;

/** One piece held against its window. */
final readonly class PieceVerdict
{
    public function __construct(
        public Piece $piece,
        public Verdict $verdict,
        public ?Mass $mass,
        public ?Mass $expected,
        public ?Quantity $quantity,
        /** Probability that the true figure lies in the window, 0 to 1. */
        public ?float $conformance,
        /** 0 to 1; null while pending or excused. */
        public ?float $score,
        /** Distance beyond the limit that the score is counted from, in the window's basis. */
        public float $beyond = 0.0,
        /** Null where the piece is one thing. */
        public ?EvennessVerdict $evenness = null,
    ) {}

    public function withEvenness(?EvennessVerdict $evenness): self
    {
        return new self($this->piece, $this->verdict, $this->mass, $this->expected, $this->quantity, $this->conformance, $this->score, $this->beyond, $evenness);
    }

    public function recovery(): ?float
    {
        return $this->mass === null || $this->expected === null || $this->expected->mg === 0
            ? null
            : $this->mass->mg / $this->expected->mg;
    }
}
