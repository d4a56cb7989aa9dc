<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** What could still be scraped off the frame. */
final readonly class FrameComponent extends WeightedComponent
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
        $limits = $tray->standard->frame;
        if ($limits === null) {
            return ComponentScore::dropped($this);
        }
        $scraped = $tray->log->weights->scrape;
        if ($scraped === null) {
            return ComponentScore::pending($this);
        }

        return ComponentScore::ofFraction(
            $this,
            Slope::down($scraped->mg, $limits->clean->mg, $limits->limit->mg),
            Message::of(MessageCode::FrameScraped, ['scraped_mg' => $scraped->mg, 'clean_mg' => $limits->clean->mg, 'limit_mg' => $limits->limit->mg]),
        );
    }
}
