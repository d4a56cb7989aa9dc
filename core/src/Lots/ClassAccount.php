<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** Where the mass that came to a class went: delivered = cuts + by-products + waste + still to be weighed + loss, to the milligram. */
final readonly class ClassAccount
{
    /**
     * @param int $deliveredMg carcasses as purchased
     * @param int $cutsMg      pieces
     * @param int $byProductMg usable bins, and meat off the frame
     * @param int $wasteMg     other bins, and pieces that an incident took
     * @param int $openMg      what is still to come off carcasses that are not weighed to the end
     * @param int $putAwayMg   of all this, what became lots
     */
    public function __construct(public int $deliveredMg, public int $cutsMg, public int $byProductMg, public int $wasteMg, public int $openMg, public int $putAwayMg) {}

    public static function none(): self
    {
        return new self(0, 0, 0, 0, 0, 0);
    }

    public function plus(self $other): self
    {
        return new self(
            $this->deliveredMg + $other->deliveredMg,
            $this->cutsMg + $other->cutsMg,
            $this->byProductMg + $other->byProductMg,
            $this->wasteMg + $other->wasteMg,
            $this->openMg + $other->openMg,
            $this->putAwayMg + $other->putAwayMg,
        );
    }

    /** Drip, what stayed on boards, and what nobody weighed; below 0 where more came off than went in. */
    public function lossMg(): int
    {
        return $this->deliveredMg - $this->cutsMg - $this->byProductMg - $this->wasteMg - $this->openMg;
    }
}
