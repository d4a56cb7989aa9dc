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

    /** @var list<list<float>> attempts with no gap */
    private array $whole;

    /**
     * @param array<string, float>   $max      points of each criterion, by id
     * @param list<list<float|null>> $attempts points in the order of criteria; null where one was not judged
     */
    private function __construct(public array $max, public array $attempts)
    {
        $this->whole = self::withoutGaps($attempts);
    }

    /**
     * @param array<string, float>   $max      points of each criterion, by id
     * @param list<list<float|null>> $attempts points in the order of criteria; null where one was not judged
     */
    public static function of(array $max, array $attempts): self
    {
        return new self($max, $attempts);
    }

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
        return ['criteria' => array_map(static fn(ItemFigures $it): array => ['id' => $it->id, 'n' => $it->n, 'difficulty' => $it->difficulty, 'discrimination' => $it->discrimination], $this->items()), 'alpha' => $this->alpha()];
    }

    /** @return list<ItemFigures> in the order of the criteria */
    public function items(): array
    {
        return $this->max === [] ? [] : array_map($this->item(...), range(0, count($this->max) - 1), array_map(strval(...), array_keys($this->max)), array_values($this->max));
    }

    /** How far the criteria measure one thing (Cronbach 1951): k/(k−1) · (1 − Σ variances / variance of the sums). Null of fewer than three attempts with no gap. */
    public function alpha(): ?float
    {
        $count = count($this->max);
        if (count($this->whole) < self::FEWEST || $count < 2) {
            return null;
        }
        $sums = Moments::of(array_map(array_sum(...), $this->whole))->variance() ?? 0.0;
        $each = array_sum(array_map(fn(int $it): float => Moments::of(array_column($this->whole, $it))->variance() ?? 0.0, range(0, $count - 1)));

        return $sums > 0 ? $count / ($count - 1) * (1 - $each / $sums) : null;
    }

    /** How two criteria, by their places, go up and down together over attempts with no gap; null as above. */
    public function correlation(int $one, int $other): ?float
    {
        return count($this->whole) < self::FEWEST ? null : Moments::of(array_column($this->whole, $one))->correlation(Moments::of(array_column($this->whole, $other)));
    }

    /** How many attempts have no gap. */
    public function trays(): int
    {
        return count($this->whole);
    }

    private function item(int $index, string $id, float $max): ItemFigures
    {
        $judged = array_values(array_filter(array_column($this->attempts, $index), is_float(...)));
        $rest = array_map(static fn(array $it): float => array_sum($it) - $it[$index], $this->whole);
        $mean = Moments::of($judged)->mean();

        return new ItemFigures($id, count($judged), $mean === null ? null : $mean / $max, count($this->whole) < self::FEWEST ? null : Moments::of(array_column($this->whole, $index))->correlation(Moments::of($rest)));
    }

    /**
     * @param list<list<float|null>> $attempts
     *
     * @return list<list<float>>
     */
    private static function withoutGaps(array $attempts): array
    {
        $whole = [];
        foreach ($attempts as $attempt) {
            $points = array_values(array_filter($attempt, is_float(...)));
            if (count($points) === count($attempt)) {
                $whole[] = $points;
            }
        }

        return $whole;
    }
}
