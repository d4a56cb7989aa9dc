<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\GivenLevels;
use DeftBlade\Core\Capture\IncidentTreatment;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** One student's tray: what holds now of its captures, held against the standard. */
final readonly class Tray
{
    /**
     * @param array<string, GivenLevels> $levels          by criterion id
     * @param array<string, true>        $excusedPieces
     * @param array<string, true>        $excusedCriteria
     */
    private function __construct(
        public Standard $standard,
        public CaptureLog $log,
        public float $timeFactor,
        /** All pieces are in, excused ones aside, and the portions of sets that must be even; or the tray was declared presented. */
        public bool $complete,
        private array $levels,
        private array $excusedPieces,
        private array $excusedCriteria,
        private ?Moderation $moderation,
    ) {}

    public static function of(Standard $standard, CaptureLog $log, float $timeFactor, ?Moderation $moderation = null): self
    {
        $pieces = $criteria = [];
        foreach ($log->weights->received->defects ?? [] as $defect) {
            $pieces += array_fill_keys($standard->defects[$defect]->pieces, true);
            $criteria += array_fill_keys($standard->defects[$defect]->criteria, true);
        }
        foreach ($log->floor->incidents as $incident) {
            $pieces += $incident->treatment === IncidentTreatment::Excused ? array_fill_keys($incident->pieces, true) : [];
        }
        $required = array_diff_key($standard->cuts->pieces, $pieces);
        $complete = $log->time->presented || array_filter($required, static fn(Piece $it): bool => ! self::isWeighed($it, $log)) === [];

        return new self($standard, $log, $timeFactor, $complete, $log->judged->levels, $pieces, $criteria, $moderation);
    }

    private static function isWeighed(Piece $piece, CaptureLog $log): bool
    {
        $isEvennessKnown = $piece->portions?->measure === null || count($log->weights->portions[$piece->id] ?? []) === $piece->portions->count;

        return isset($log->weights->pieces[$piece->id]) && $isEvennessKnown;
    }

    /** The same tray, had everybody agreed on another level of one criterion. */
    public function withLevel(string $criterion, int $level): self
    {
        $levels = [$criterion => new GivenLevels(agreed: $level)] + $this->levels;

        return new self($this->standard, $this->log, $this->timeFactor, $this->complete, $levels, $this->excusedPieces, $this->excusedCriteria, $this->moderation);
    }

    public function asPurchased(): ?Mass
    {
        return $this->log->weights->received?->mass;
    }

    public function mark(Criterion $criterion): Mark
    {
        return new Mark($criterion, $this->levels[$criterion->id] ?? new GivenLevels(), $this->moderation);
    }

    public function excusesPiece(string $id): bool
    {
        return isset($this->excusedPieces[$id]);
    }

    public function excusesCriterion(string $id): bool
    {
        return isset($this->excusedCriteria[$id]);
    }
}
