<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

use DeftBlade\Core\Grading\ComponentHead;
use DeftBlade\Core\Grading\ComponentScore;
use DeftBlade\Core\Grading\Setting;
use DeftBlade\Core\Grading\Tray;
use DeftBlade\Core\Grading\WeightedComponent;
use DeftBlade\Core\Json\Node;

/** A made-up component, to show what one needs. */
final readonly class SaltComponent extends WeightedComponent
{
    public static function settings(): array
    {
        return [Setting::positive('pinches', 9)];
    }

    public static function of(ComponentHead $head, Node $node): self
    {
        return new self($head);
    }

    public function score(Tray $tray, array $verdicts): ComponentScore
    {
        return ComponentScore::dropped($this);
    }
}
