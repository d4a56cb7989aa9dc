<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** What could still be scraped off the frame. */
final readonly class FrameComponent extends WeightedComponent
{
    public static function read(Node $node): self
    {
        return new self(ComponentHead::read($node, []));
    }

    public function score(Tray $tray, array $verdicts): ComponentScore
    {
        $limits = $tray->standard->frame;
        if ($limits === null) {
            return ComponentScore::dropped($this);
        }
        $scraped = $tray->log->scrape;
        if ($scraped === null) {
            return ComponentScore::pending($this);
        }

        return ComponentScore::ofFraction(
            $this,
            Slope::down($scraped->mg, $limits->clean->mg, $limits->limit->mg),
            sprintf('Frame: %s scraped off, clean up to %s, limit %s', $scraped->inGrams(), $limits->clean->inGrams(), $limits->limit->inGrams()),
        );
    }
}
