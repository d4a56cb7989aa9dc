<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Capture\MarkRound;
use DeftBlade\Core\Json\Node;

/** One student's try at the standard. What its facts say of resit and time goes before the keys of the attempt, by which packages of versions 1 and 2 say it. */
final readonly class Attempt
{
    private const MOST_TIME_FACTOR = 10;

    private function __construct(
        public string $id,
        public string $student,
        public bool $resit,
        public float $timeFactor,
        public CaptureLog $log,
    ) {}

    public static function read(Node $node, CaptureReader $captures): self
    {
        $node->keys(['id', 'student', 'captures'], ['title', 'resit', 'time_factor']);

        $log = CaptureLog::read($node->at('captures')->items(), $captures);
        $resit = $node->has('resit') && $node->at('resit')->boolean();
        $timeFactor = $node->has('time_factor') ? $node->at('time_factor')->positive(self::MOST_TIME_FACTOR) : 1.0;

        return new self(
            $node->at('id')->identifier(),
            $node->at('student')->identifier(),
            $log->terms->resit ?? $resit,
            $log->terms->timeFactor ?? $timeFactor,
            $log,
        );
    }

    /** As the assessor of one round alone saw it: their levels as the only ones. */
    public function asSeenIn(MarkRound $round): self
    {
        return new self($this->id, $this->student, $this->resit, $this->timeFactor, $this->log->judgedAs($this->log->judged->ofRound($round)));
    }
}
