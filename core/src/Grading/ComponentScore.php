<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Message\Message;

/** What a component came to: 0 to 100 with its losses, which add up to what is missing; or why there is no figure. */
final readonly class ComponentScore
{
    /** @param list<Loss> $losses */
    private function __construct(
        public Component $component,
        public ComponentState $state,
        public ?float $score,
        public array $losses,
    ) {}

    public static function pending(Component $component): self
    {
        return new self($component, ComponentState::Pending, null, []);
    }

    public static function dropped(Component $component): self
    {
        return new self($component, ComponentState::Dropped, null, []);
    }

    /** @param list<Loss> $losses */
    public static function of(Component $component, float $score, array $losses): self
    {
        return new self($component, ComponentState::Scored, $score, $losses);
    }

    /** Of a component with one figure: $fraction between 0 and 1, and why it is not all of it. */
    public static function ofFraction(Component $component, float $fraction, Message $why): self
    {
        $losses = $fraction < 1 ? [new Loss($why, 100 * (1 - $fraction))] : [];

        return self::of($component, 100 * $fraction, $losses);
    }
}
