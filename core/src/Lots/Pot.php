<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** A pot as it stands. */
final readonly class Pot
{
    /**
     * @param list<PotStepped> $steps in the order they were accepted
     * @param list<Drawn>      $drawn
     */
    private function __construct(public PotStarted $start, public array $steps = [], public array $drawn = []) {}

    public static function of(PotStarted $start): self
    {
        return new self($start);
    }

    public function after(PotStepped|Drawn $fact): self
    {
        return $fact instanceof Drawn ? new self($this->start, $this->steps, [...$this->drawn, $fact]) : new self($this->start, [...$this->steps, $fact], $this->drawn);
    }
}
