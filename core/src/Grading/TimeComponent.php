<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** Running time against the standard and the limit, both stretched by the student's extra time. */
final readonly class TimeComponent extends WeightedComponent
{
    public static function read(Node $node): self
    {
        return new self(ComponentHead::read($node, []));
    }

    public function score(Tray $tray, array $verdicts): ComponentScore
    {
        $allowance = $tray->standard->time?->times($tray->timeFactor);
        if ($allowance === null) {
            return ComponentScore::dropped($this);
        }
        if (! $tray->log->time->presented) {
            return ComponentScore::pending($this);
        }

        return ComponentScore::ofFraction(
            $this,
            Slope::down($tray->log->time->ms, $allowance->standardMs, $allowance->limitMs),
            sprintf(
                'Time: %s on the clock, standard %s, limit %s',
                Figure::clock($tray->log->time->ms),
                Figure::clock($allowance->standardMs),
                Figure::clock($allowance->limitMs),
            ),
        );
    }
}
