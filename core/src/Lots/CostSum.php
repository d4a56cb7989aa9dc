<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Money\Minor;

/** What carcasses came to in money: of one tray, of a class, or of all classes of a term. Sums add up to the minor unit. */
final readonly class CostSum
{
    private const MG_PER_KG = 1_000_000;

    /**
     * @param int      $netMinor    as purchased, less the by-products
     * @param int|null $labourMinor null where no wage is said
     * @param int|null $partsMinor  the cuts bought as cuts; null where one of them has no price
     */
    public function __construct(public int $trays, public int $apMg, public int $epMg, public int $seconds, public int $apMinor, public int $netMinor, public ?int $labourMinor, public ?int $partsMinor) {}

    public static function none(): self
    {
        return new self(0, 0, 0, 0, 0, 0, 0, 0);
    }

    /** @param iterable<self> $sums */
    public static function all(iterable $sums): self
    {
        $all = self::none();
        foreach ($sums as $sum) {
            $all = $all->plus($sum);
        }

        return $all;
    }

    public function plus(self $other): self
    {
        return new self(
            $this->trays + $other->trays,
            $this->apMg + $other->apMg,
            $this->epMg + $other->epMg,
            $this->seconds + $other->seconds,
            $this->apMinor + $other->apMinor,
            $this->netMinor + $other->netMinor,
            $this->labourMinor === null || $other->labourMinor === null ? null : $this->labourMinor + $other->labourMinor,
            $this->partsMinor === null || $other->partsMinor === null ? null : $this->partsMinor + $other->partsMinor,
        );
    }

    public function byProductMinor(): int
    {
        return $this->apMinor - $this->netMinor;
    }

    /** EP over AP; null where nothing was weighed. */
    public function yield(): ?float
    {
        return $this->apMg === 0 ? null : $this->epMg / $this->apMg;
    }

    /** In minor units, rounded half up; null where there are no cuts. */
    public function perKgMinor(): ?int
    {
        return $this->epMg === 0 ? null : Minor::rounded($this->netMinor * self::MG_PER_KG / $this->epMg);
    }

    /** By how much a kilogram of cuts costs more than one of carcass; null where that cannot be said. */
    public function costFactor(): ?float
    {
        return $this->epMg === 0 || $this->apMinor === 0 ? null : ($this->netMinor / $this->epMg) / ($this->apMinor / $this->apMg);
    }

    /** What the carcass of one tray cost; null where there is none. */
    public function perTrayMinor(): ?int
    {
        return $this->trays === 0 ? null : Minor::rounded($this->apMinor / $this->trays);
    }

    /** Against buying the cuts; below 0 where they would have been cheaper. */
    public function savingMinor(): ?int
    {
        return $this->partsMinor === null ? null : $this->partsMinor - $this->netMinor;
    }
}
