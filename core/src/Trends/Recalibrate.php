<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Statistics\Sample;

/** The shares of a school's own carcasses from its own records, and the windows that follow from them. */
final readonly class Recalibrate implements Computation
{
    private const LEAST_SHARE = 0.5;

    private const MOST_SHARE = 0.9999;

    private const MOST_RECORDS = 1_000_000;

    /** @param list<WeighedCarcass> $records */
    public function __construct(public Standard $standard, public array $records, public float $coverage, public float $confidence, public int $atLeast) {}

    public static function summary(): string
    {
        return 'what the school\'s own carcasses say of shares and windows';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'recalibrate', ['standard', 'records', 'coverage', 'confidence', 'at_least']);
        $standard = Standard::read($node->at('standard'));

        return new self(
            $standard,
            array_map(static fn(Node $it): WeighedCarcass => WeighedCarcass::read($it, $standard), $node->at('records')->items()),
            $node->at('coverage')->number(self::LEAST_SHARE, self::MOST_SHARE),
            $node->at('confidence')->number(self::LEAST_SHARE, self::MOST_SHARE),
            $node->at('at_least')->integer(2, self::MOST_RECORDS),
        );
    }

    public function answer(): array
    {
        $pieces = $bins = [];
        foreach ($this->standard->cuts->pieces as $piece) {
            $window = $this->windowOf($piece);
            $isEnough = $this->isEnoughFor($piece);
            $pieces[] = ['id' => $piece->id, 'n' => $window->n, 'median' => $window->median, 'mad_sd' => $window->madSd, 'k' => $window->k, 'low' => $isEnough ? $window->low() : null, 'high' => $isEnough ? $window->high() : null];
        }
        foreach ($this->standard->cuts->bins as $bin) {
            $bins[] = ['id' => $bin->id, 'n' => count($this->sharesOf($bin)), 'median' => $this->medianOf($bin)];
        }

        return ['pieces' => $pieces, 'bins' => $bins, 'parts' => array_map(static fn(int|string $id, float $share): array => ['id' => (string) $id, 'share' => $share], array_keys($this->shares()), $this->shares())];
    }

    public function windowOf(Piece $piece): ShareWindow
    {
        return ShareWindow::of($this->sharesOf($piece), $this->coverage, $this->confidence);
    }

    public function medianOf(Piece|Bin $place): ?float
    {
        return Sample::of($this->sharesOf($place))->quantile(0.5);
    }

    public function isEnoughFor(Piece|Bin $place): bool
    {
        return count($this->sharesOf($place)) >= $this->atLeast;
    }

    /** @return array<string, float> by part: those of pieces and bins with enough records scaled to their median, then all of them to 1 */
    public function shares(): array
    {
        $shares = array_map(static fn($part): float => $part->share, $this->standard->carcass->parts);
        foreach ([...array_values($this->standard->cuts->pieces), ...array_values($this->standard->cuts->bins)] as $place) {
            $median = $this->medianOf($place);
            if ($median === null || ! $this->isEnoughFor($place) || $place->expectation->share <= 0) {
                continue;
            }
            foreach ($place->parts as $part) {
                $shares[$part] *= $median / $place->expectation->share;
            }
        }
        $sum = array_sum($shares);

        return array_map(static fn(float $it): float => $it / $sum, $shares);
    }

    /** @return list<float> in the records that weighed it */
    public function sharesOf(Piece|Bin $place): array
    {
        $shares = array_map(static fn(WeighedCarcass $it): ?float => ($place instanceof Piece ? $it->pieces : $it->bins)[$place->id] ?? null, $this->records);

        return array_values(array_filter($shares, is_float(...)));
    }
}
