<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Statistics\Moments;

/** Whether a class is like the last ones: an individuals chart with limits from its moving ranges (NIST/SEMATECH e-Handbook, 6.3.2.2). */
final readonly class ControlChart implements Computation
{
    /** The mean range of two normal figures, in standard deviations. */
    private const D2 = 1.128;

    private const SIGMAS = 3;

    /** So many in a row on one side of the mean are a signal. */
    private const RUN = 8;

    private const MOST = 1e12;

    /** @param list<float> $values in the order of time, at least two */
    public function __construct(public array $values) {}

    public static function summary(): string
    {
        return 'whether a class is like the last ones';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'control-chart', ['values']);
        $values = array_map(static fn(Node $it): float => $it->number(-self::MOST, self::MOST), $node->at('values')->items());

        return count($values) < 2 ? throw $node->at('values')->fail(MessageCode::TooFew, ['least' => 2]) : new self($values);
    }

    public function answer(): array
    {
        $limits = $this->limits();

        return [
            'mean' => $limits->mean,
            'mr_bar' => $limits->meanRange,
            'upper' => $limits->upper,
            'lower' => $limits->lower,
            'signals' => array_map(static fn(Signal $it): array => ['index' => $it->index, 'rule' => $it->rule->value], $this->signals()),
        ];
    }

    public function limits(): ControlLimits
    {
        $mean = Moments::of($this->values)->mean() ?? 0.0;
        $ranges = array_map(static fn(float $one, float $next): float => abs($next - $one), array_slice($this->values, 0, -1), array_slice($this->values, 1));
        $meanRange = Moments::of($ranges)->mean() ?? 0.0;
        $wide = self::SIGMAS * $meanRange / self::D2;

        return new ControlLimits($mean, $meanRange, $mean - $wide, $mean + $wide);
    }

    /** @return list<Signal> in order */
    public function signals(): array
    {
        $limits = $this->limits();
        $signals = [];
        $run = $side = 0;
        foreach ($this->values as $index => $value) {
            if ($value > $limits->upper || $value < $limits->lower) {
                $signals[] = new Signal($index, SignalRule::Beyond);
            }
            $now = $value <=> $limits->mean;
            $run = $now === $side && $side !== 0 ? $run + 1 : 1;
            $side = $now;
            if ($side !== 0 && $run >= self::RUN) {
                $signals[] = new Signal($index, SignalRule::Run);
            }
        }

        return $signals;
    }
}
