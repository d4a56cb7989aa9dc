<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Statistics\Moments;

/** Which criteria tell students apart: how hard each is, how it goes with the rest, and how well all of them hang together. */
final readonly class Items implements Computation
{
    private const MOST_POINTS = 1_000_000;

    /** Of fewer attempts nothing is said about how criteria go together. */
    private const FEWEST = 3;

    /**
     * @param array<string, float>   $max      points of each criterion, by id
     * @param list<list<float|null>> $attempts points in the order of criteria; null where one was not judged
     */
    private function __construct(public array $max, public array $attempts) {}

    public static function summary(): string
    {
        return 'which criteria tell students apart';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'items', ['criteria', 'attempts']);
        $max = [];
        foreach ($node->at('criteria')->items() as $item) {
            $item->keys(['id', 'max']);
            $id = $item->at('id')->identifier();
            if (isset($max[$id])) {
                throw $item->at('id')->fail(MessageCode::IdTaken, ['id' => $id]);
            }
            $max[$id] = $item->at('max')->positive(self::MOST_POINTS);
        }
        if ($max === []) {
            throw $node->at('criteria')->fail(MessageCode::MustNotBeEmpty);
        }
        $attempts = [];
        foreach ($node->at('attempts')->items() as $attempt) {
            $points = $attempt->itemsOfCount(count($max));
            $attempts[] = array_map(static fn(Node $it, float $most): ?float => $it->isNull() ? null : $it->number(0, $most), $points, array_values($max));
        }

        return new self($max, $attempts);
    }

    public function answer(): array
    {
        $whole = $this->whole();
        $answers = [];
        foreach (array_keys($this->max) as $index => $id) {
            $answers[] = ['id' => (string) $id] + $this->item($index, $this->max[$id], $whole);
        }

        return ['criteria' => $answers, 'alpha' => self::alpha($whole)];
    }

    /**
     * @param list<list<float>> $whole
     *
     * @return array{n: int, difficulty: float|null, discrimination: float|null}
     */
    private function item(int $index, float $max, array $whole): array
    {
        $judged = array_values(array_filter(array_column($this->attempts, $index), is_float(...)));
        $rest = array_map(static fn(array $it): float => array_sum($it) - $it[$index], $whole);
        $mean = Moments::of($judged)->mean();

        return [
            'n' => count($judged),
            'difficulty' => $mean === null ? null : $mean / $max,
            'discrimination' => count($whole) < self::FEWEST ? null : Moments::of(array_column($whole, $index))->correlation(Moments::of($rest)),
        ];
    }

    /** @return list<list<float>> attempts with no gap */
    private function whole(): array
    {
        $whole = [];
        foreach ($this->attempts as $attempt) {
            $points = array_values(array_filter($attempt, is_float(...)));
            if (count($points) === count($attempt)) {
                $whole[] = $points;
            }
        }

        return $whole;
    }

    /**
     * How far the criteria measure one thing (Cronbach 1951): k/(k−1) · (1 − Σ variances / variance of the sums).
     *
     * @param list<list<float>> $whole
     */
    private static function alpha(array $whole): ?float
    {
        $count = count($whole[0] ?? []);
        if (count($whole) < self::FEWEST || $count < 2) {
            return null;
        }
        $sums = Moments::of(array_map(array_sum(...), $whole))->variance() ?? 0.0;
        $each = array_sum(array_map(static fn(int $it): float => Moments::of(array_column($whole, $it))->variance() ?? 0.0, range(0, $count - 1)));

        return $sums > 0 ? $count / ($count - 1) * (1 - $each / $sums) : null;
    }
}
