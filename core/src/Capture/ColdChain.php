<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** How long the product has been out of the refrigerator, in ms: what is over, and since when it is out now. */
final readonly class ColdChain
{
    private function __construct(public int $ms, public ?int $outSince) {}

    /** @param list<ColdChainEvent> $doors in order of time */
    public static function of(array $doors): self
    {
        $ms = 0;
        $since = null;
        foreach ($doors as $door) {
            if ($door->event === ColdChainMove::Out) {
                $since ??= $door->at;

                continue;
            }
            $ms += $since === null ? 0 : $door->at - $since;
            $since = null;
        }

        return new self($ms, $since);
    }

    /** What it comes to at a moment. */
    public function until(int $at): int
    {
        return $this->ms + ($this->outSince === null ? 0 : max(0, $at - $this->outSince));
    }
}
