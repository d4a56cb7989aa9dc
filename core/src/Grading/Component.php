<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** One part of the grade: it looks at a tray and says 0 to 100, with what each point was lost for. */
interface Component
{
    public function id(): string;

    public function title(): string;

    public function weight(): float;

    /** @param list<PieceVerdict> $verdicts of the tray's pieces, by the decision rule in force */
    public function score(Tray $tray, array $verdicts): ComponentScore;
}
