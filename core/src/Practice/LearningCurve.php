<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Statistics\Moments;

/** How a time falls over tries, and how many more there are to a standard: T. P. Wright, Factors affecting the cost of airplanes (1936), ln t = ln a + b·ln n by least squares. */
final readonly class LearningCurve implements Computation
{
    private const MOST_S = 1_000_000;

    private const MOST_TRIES = 1_000;

    /** A time that is over by less than this share of it is in time: logarithms are worked out in doubles. */
    private const SLACK = 1e-12;

    /** @param list<float> $seconds of each try, the first first; at least two */
    public function __construct(public array $seconds, public float $standardS) {}

    public static function summary(): string
    {
        return 'how many more tries there are to a standard time';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'learning-curve', ['seconds', 'standard_s']);
        $seconds = array_map(static fn(Node $it): float => $it->positive(self::MOST_S), $node->at('seconds')->items());

        return count($seconds) < 2 ? throw $node->at('seconds')->fail(MessageCode::TooFew, ['least' => 2]) : new self($seconds, $node->at('standard_s')->positive(self::MOST_S));
    }

    public function answer(): array
    {
        $exponent = $this->exponent();

        return ['first_s' => $this->first(), 'exponent' => $exponent, 'rate' => 2 ** $exponent, 'r2' => $this->r2(), 'tries_to_standard' => $this->triesToStandard()];
    }

    private function exponent(): float
    {
        return (float) $this->tries()->covariance($this->times()) / (float) $this->tries()->variance();
    }

    private function first(): float
    {
        return exp((float) $this->times()->mean() - $this->exponent() * (float) $this->tries()->mean());
    }

    /** Of logarithms; null where every try took as long. */
    private function r2(): ?float
    {
        $correlation = $this->tries()->correlation($this->times());

        return $correlation === null ? null : $correlation ** 2;
    }

    /** The first try after those made that comes to the standard; 0 where the last did, null where none will. */
    public function triesToStandard(): ?int
    {
        [$first, $exponent] = [$this->first(), $this->exponent()];
        $made = count($this->seconds);
        if ($this->seconds[$made - 1] <= $this->standardS) {
            return 0;
        }
        for ($try = $made + 1; $exponent < 0 && $try <= self::MOST_TRIES; $try++) {
            if ($first * $try ** $exponent <= $this->standardS * (1 + self::SLACK)) {
                return $try;
            }
        }

        return null;
    }

    private function tries(): Moments
    {
        return Moments::of(array_map(static fn(int $it): float => log($it), range(1, count($this->seconds))));
    }

    private function times(): Moments
    {
        return Moments::of(array_map(log(...), $this->seconds));
    }
}
