<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** When one student works and where, in seconds from the start of the practical. */
final readonly class Turn
{
    /**
     * @param int   $wave      from 1
     * @param int   $bench     from 1: the station in the room, which a later wave uses again where there are more students than benches
     * @param float $startS
     * @param float $standardS when the standard time is over
     * @param float $limitS    when the limit is reached
     * @param float $freeS     when the bench is clean
     * @param float $presentS  when the tray is taken to come to the scale
     */
    public function __construct(
        public int $wave,
        public int $bench,
        public float $startS,
        public float $standardS,
        public float $limitS,
        public float $freeS,
        public float $presentS,
    ) {}

    public function presentedAt(float $presentS): self
    {
        return new self($this->wave, $this->bench, $this->startS, $this->standardS, $this->limitS, $this->freeS, $presentS);
    }
}
