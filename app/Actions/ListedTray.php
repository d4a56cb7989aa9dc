<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Balance\BalancedTray;
use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Grading\Stage;

/** A tray as the Bench lists it. */
final readonly class ListedTray
{
    /**
     * @param list<string> $flags    values of Flag that are seen from the tray alone
     * @param \stdClass    $verdicts by piece
     */
    public function __construct(
        public string $attempt,
        public int $station,
        public string $student,
        public Stage $stage,
        public ?float $total,
        public ?string $band,
        public array $flags,
        public \stdClass $verdicts,
        public ReleaseState $releaseState,
        public BalancedTray $balanced,
    ) {}

    /** A copy that says nothing of what was judged. */
    public function withoutMarks(): self
    {
        return new self($this->attempt, $this->station, $this->student, $this->stage->withoutMarks(), null, null, Flag::weighedAmong($this->flags), $this->verdicts, ReleaseState::Unreleased, $this->balanced);
    }
}
