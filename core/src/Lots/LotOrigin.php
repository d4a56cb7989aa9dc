<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** How a lot came to be, it or the lot it was divided from. */
final readonly class LotOrigin
{
    /**
     * @param string             $family     the fact that it and its parts come from: what was put away, or the pot
     * @param string|null        $assessment the class that made it; null where a pot did
     * @param PotUse|null        $use        of the pot that made it
     * @param \DateTimeImmutable $made       day 1 of its use-by
     */
    private function __construct(public string $family, public ?string $assessment, public ?PotUse $use, public string $product, public bool $isOff, public \DateTimeImmutable $made) {}

    public static function ofClass(PutAway $fact): self
    {
        return new self($fact->id, $fact->assessment, null, $fact->product, $fact->isOff, $fact->made);
    }

    public static function ofPot(PotStarted $pot, Drawn $fact): self
    {
        return new self($pot->id, null, $pot->use, $pot->use->value, false, $fact->made);
    }
}
