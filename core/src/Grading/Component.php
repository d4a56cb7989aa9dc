<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** One component of the grade: it looks at a tray and says 0 to 100, with what each point was lost for. */
interface Component
{
    /** @return list<Setting> what a policy must set for it */
    public static function settings(): array;

    /** @param Node $node the component in the policy, for what depends on two settings at once */
    public static function of(ComponentHead $head, Node $node): self;

    public function id(): string;

    public function title(): string;

    public function weight(): float;

    /** @param list<PieceVerdict> $verdicts of the tray's pieces, by the decision rule in force */
    public function score(Tray $tray, array $verdicts): ComponentScore;
}
