<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Statistics\Sample;

/** The hour at the scale: how long trays wait, and when the last is weighed; simulated from a seed, so that the same question has the same answer. */
final readonly class Queue implements Computation
{
    private const MOST_SCALES = 20;

    private const MOST_RUNS = 10_000;

    /** Trays over all runs: a second or two. */
    private const MOST_DRAWN = 2_000_000;

    public function __construct(private int $scales, private Arrivals $arrivals, private ServiceTime $service, private int $runs, private int $seed) {}

    public static function summary(): string
    {
        return 'how long trays wait for the scale, and when the last is weighed';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'queue', ['scales', 'service', 'runs', 'seed'], ['arrivals_s', 'poisson']);
        if ($node->has('arrivals_s') === $node->has('poisson')) {
            throw $node->fail(MessageCode::OneOfTwo, ['one' => 'arrivals_s', 'other' => 'poisson']);
        }
        $arrivals = $node->has('poisson') ? Arrivals::readPoisson($node->at('poisson')) : Arrivals::readTimes($node->at('arrivals_s'));
        if ($arrivals->count > Arrivals::MOST_TRAYS) {
            throw $node->at('arrivals_s')->fail(MessageCode::TooMany, ['most' => Arrivals::MOST_TRAYS]);
        }
        $runs = $node->at('runs')->integer(1, self::MOST_RUNS);
        if ($runs * $arrivals->count > self::MOST_DRAWN) {
            throw $node->at('runs')->fail(MessageCode::TooMany, ['most' => intdiv(self::MOST_DRAWN, $arrivals->count)]);
        }

        return new self($node->at('scales')->integer(1, self::MOST_SCALES), $arrivals, ServiceTime::read($node->at('service')), $runs, $node->at('seed')->integer(0, PHP_INT_MAX >> 10));
    }

    /** @return list<QueueRun> */
    public function run(): array
    {
        $chance = new Chance($this->seed);
        $runs = [];
        for ($run = 0; $run < $this->runs; $run++) {
            $arrivals = $this->arrivals->draw($chance);
            $runs[] = QueueRun::of($this->scales, $arrivals, array_map(fn(): float => $this->service->draw($chance), $arrivals));
        }

        return $runs;
    }

    public function answer(): array
    {
        $runs = $this->run();
        $waits = Sample::of(array_merge(...array_map(static fn(QueueRun $it): array => $it->waitsS, $runs)));
        $done = Sample::of(array_map(static fn(QueueRun $it): float => $it->lastDoneS, $runs));
        $used = array_filter(array_map(fn(QueueRun $it): ?float => $it->utilisation($this->scales), $runs), static fn(?float $it): bool => $it !== null);

        return [
            'mean_wait_s' => $waits->mean(),
            'p95_wait_s' => $waits->quantile(0.95),
            'last_done_s' => ['mean' => $this->arrivals->count === 0 ? null : $done->mean(), 'p95' => $this->arrivals->count === 0 ? null : $done->quantile(0.95)],
            'utilisation' => Sample::of(array_values($used))->mean(),
            'erlang_c' => $this->erlangC(),
        ];
    }

    /** @return array{wait_probability: float, mean_wait_s: float}|null */
    private function erlangC(): ?array
    {
        $known = $this->arrivals->perSecond === null ? null : ErlangC::of($this->scales, $this->arrivals->perSecond * $this->service->meanS, $this->service->meanS);

        return $known === null ? null : ['wait_probability' => $known->waitProbability, 'mean_wait_s' => $known->meanWaitS];
    }
}
