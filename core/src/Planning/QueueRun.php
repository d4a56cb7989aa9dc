<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** One hour at the scale, first come, first served. */
final readonly class QueueRun
{
    /**
     * @param list<float> $arrivalsS in order
     * @param list<float> $waitsS    of the same trays
     */
    private function __construct(private array $arrivalsS, public array $waitsS, public float $servedS, public float $lastDoneS) {}

    /**
     * @param list<float> $arrivalsS in order
     * @param list<float> $servicesS of the same trays
     */
    public static function of(int $scales, array $arrivalsS, array $servicesS): self
    {
        $free = array_fill(0, max(1, $scales), 0.0);
        $waits = [];
        $last = 0.0;
        foreach ($arrivalsS as $tray => $arrival) {
            $scale = (int) array_search(min($free), $free, true);
            $start = max($arrival, $free[$scale]);
            $waits[] = $start - $arrival;
            $free[$scale] = $start + $servicesS[$tray];
            $last = max($last, $free[$scale]);
        }

        return new self($arrivalsS, $waits, array_sum($servicesS), $last);
    }

    /** How many trays stand in the queue at a time. */
    public function waitingAt(float $second): int
    {
        $waiting = 0;
        foreach ($this->arrivalsS as $tray => $arrival) {
            $waiting += $arrival <= $second && $second < $arrival + $this->waitsS[$tray] ? 1 : 0;
        }

        return $waiting;
    }

    /** The share of the scales' time, up to the last tray, in which something is weighed; null where there is no tray. */
    public function utilisation(int $scales): ?float
    {
        return $this->lastDoneS > 0 ? $this->servedS / ($scales * $this->lastDoneS) : null;
    }
}
