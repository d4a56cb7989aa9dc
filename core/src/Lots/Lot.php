<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Ledger\Cooling;
use DeftBlade\Core\Ledger\CoolingReading;
use DeftBlade\Core\Ledger\DateMark;
use DeftBlade\Core\Ledger\FrozenStretch;

/** One thing that a class made, as it stands: what went in, what went out, what is on hand. */
final readonly class Lot
{
    /**
     * @param string|null          $parent    the lot it was divided from
     * @param int                  $massMg    when it was made
     * @param array<string, int>   $movedMg   by destination
     * @param int                  $dividedMg what became lots of their own
     * @param list<FrozenStretch>  $frozen    that have ended
     * @param list<CoolingReading> $cooled    in the order of time
     * @param list<string>         $counted   ids of the facts since it was made that are counted in it
     */
    private function __construct(
        public string $id,
        public LotOrigin $origin,
        public ?string $parent,
        public ?string $container,
        public int $massMg,
        public array $movedMg = [],
        public int $dividedMg = 0,
        public array $frozen = [],
        public ?\DateTimeImmutable $frozenSince = null,
        public ?RawRecorded $raw = null,
        public ?PanWeighed $pan = null,
        public array $cooled = [],
        public array $counted = [],
    ) {}

    public static function putAway(PutAway $fact): self
    {
        return new self($fact->id, LotOrigin::ofClass($fact), null, $fact->container, $fact->massMg);
    }

    public static function drawn(PotStarted $pot, Drawn $fact): self
    {
        return new self($fact->id, LotOrigin::ofPot($pot, $fact), null, $fact->container, $fact->massMg() ?? 0);
    }

    /** What it is and was until now, its part takes along. */
    public function part(Divided $fact): self
    {
        return new self($fact->id, $this->origin, $this->id, $fact->container, $fact->massMg, frozen: $this->frozen, frozenSince: $this->frozenSince, raw: $this->raw, cooled: $this->cooled);
    }

    public function onHandMg(): int
    {
        return $this->massMg - array_sum($this->movedMg) - $this->dividedMg;
    }

    /** What the scale said of its container against the pieces in it; null where nobody weighed it. */
    public function panOffMg(): ?int
    {
        return $this->pan === null ? null : $this->pan->massMg - $this->massMg;
    }

    /** Null while nobody put a probe in it. */
    public function cooling(): ?Cooling
    {
        return $this->cooled === [] ? null : new Cooling($this->cooled);
    }

    /** It was cooled too slowly: it is not used. */
    public function isBarred(): bool
    {
        return $this->cooling()?->verdict()->isTooSlow() === true;
    }

    public function isFrozen(): bool
    {
        return $this->frozenSince !== null;
    }

    /**
     * The day by which it must be gone; null while it is frozen, for then no day counts.
     *
     * @param int $days how many it keeps, day 1 included
     */
    public function useBy(int $days): ?\DateTimeImmutable
    {
        return $this->isFrozen() ? null : DateMark::of($this->origin->made, $days, $this->frozen)->useBy();
    }

    public function after(LotFact $fact): self
    {
        $after = match (true) {
            $fact instanceof Moved => $this->with(movedMg: [$fact->to->value => ($this->movedMg[$fact->to->value] ?? 0) + $fact->massMg] + $this->movedMg),
            $fact instanceof Divided => $this->with(dividedMg: $this->dividedMg + $fact->massMg),
            $fact instanceof PanWeighed => $this->with(pan: $fact),
            $fact instanceof RawRecorded => $this->with(raw: $fact),
            $fact instanceof LotCooled => $this->with(cooled: self::inTime([...$this->cooled, new CoolingReading($fact->at, $fact->celsius)])),
            $fact instanceof IntoFreezer => $this->with(frozenSince: $fact->on),
            $fact instanceof OutOfFreezer && $this->frozenSince !== null => $this->with(frozen: [...$this->frozen, new FrozenStretch($this->frozenSince, $fact->on)], isOut: true),
            default => $this,
        };

        return $after->with(counted: $fact->id);
    }

    /** The first day on which it may go into the freezer or come out of it. */
    public function earliestTurn(): \DateTimeImmutable
    {
        return $this->frozenSince ?? ($this->frozen === [] ? $this->origin->made : $this->frozen[count($this->frozen) - 1]->to);
    }

    /**
     * @param array<string, int>|null   $movedMg
     * @param list<FrozenStretch>|null  $frozen
     * @param list<CoolingReading>|null $cooled
     */
    private function with(?array $movedMg = null, ?int $dividedMg = null, ?array $frozen = null, ?\DateTimeImmutable $frozenSince = null, bool $isOut = false, ?RawRecorded $raw = null, ?PanWeighed $pan = null, ?array $cooled = null, ?string $counted = null): self
    {
        return new self(
            $this->id,
            $this->origin,
            $this->parent,
            $this->container,
            $this->massMg,
            $movedMg ?? $this->movedMg,
            $dividedMg ?? $this->dividedMg,
            $frozen ?? $this->frozen,
            $isOut ? null : $frozenSince ?? $this->frozenSince,
            $raw ?? $this->raw,
            $pan ?? $this->pan,
            $cooled ?? $this->cooled,
            $counted === null ? $this->counted : [...$this->counted, $counted],
        );
    }

    /**
     * @param non-empty-list<CoolingReading> $readings
     *
     * @return non-empty-list<CoolingReading>
     */
    private static function inTime(array $readings): array
    {
        usort($readings, static fn(CoolingReading $one, CoolingReading $other): int => $one->atMs <=> $other->atMs);

        return $readings;
    }
}
