<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** Running time against the standard and the limit, both stretched by the student's extra time. */
final readonly class TimeComponent extends WeightedComponent
{
    public static function settings(): array
    {
        return [];
    }

    public static function of(ComponentHead $head, Node $node): self
    {
        return new self($head);
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
            Message::of(MessageCode::TimeOver, ['running_ms' => $tray->log->time->ms, 'standard_ms' => $allowance->standardMs, 'limit_ms' => $allowance->limitMs]),
        );
    }
}
