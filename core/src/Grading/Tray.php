<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** One student's tray: what holds now of its captures, held against the standard. */
final readonly class Tray
{
    /** All pieces are in, excused ones aside, or the tray was declared presented. */
    public bool $complete;

    /** @var array<string, true> */
    private array $excusedPieces;

    /** @var array<string, true> */
    private array $excusedCriteria;

    /** @param array<string, int> $levels by criterion id */
    private function __construct(
        public Standard $standard,
        public CaptureLog $log,
        public float $timeFactor,
        private array $levels,
    ) {
        $pieces = $criteria = [];
        foreach ($log->received->defects ?? [] as $defect) {
            $pieces += array_fill_keys($standard->defects[$defect]->pieces, true);
            $criteria += array_fill_keys($standard->defects[$defect]->criteria, true);
        }
        $this->excusedPieces = $pieces;
        $this->excusedCriteria = $criteria;
        $this->complete = $log->time->presented || $this->piecesAreIn();
    }

    public static function of(Standard $standard, CaptureLog $log, float $timeFactor): self
    {
        return new self($standard, $log, $timeFactor, $log->levels);
    }

    /** The same tray, had one criterion been judged otherwise. */
    public function withLevel(string $criterion, int $level): self
    {
        return new self($this->standard, $this->log, $this->timeFactor, [$criterion => $level] + $this->levels);
    }

    public function asPurchased(): ?Mass
    {
        return $this->log->received?->mass;
    }

    public function level(string $criterion): ?int
    {
        return $this->levels[$criterion] ?? null;
    }

    public function excusesPiece(string $id): bool
    {
        return isset($this->excusedPieces[$id]);
    }

    public function excusesCriterion(string $id): bool
    {
        return isset($this->excusedCriteria[$id]);
    }

    public function piecesMg(): int
    {
        return array_sum(array_map(static fn(Mass $mass): int => $mass->mg, $this->log->pieces));
    }

    private function piecesAreIn(): bool
    {
        foreach ($this->standard->cuts->pieces as $piece) {
            if (! isset($this->log->pieces[$piece->id]) && ! $this->excusesPiece($piece->id)) {
                return false;
            }
        }

        return true;
    }
}
