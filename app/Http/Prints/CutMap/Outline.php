<?php

declare(strict_types=1);

namespace App\Http\Prints\CutMap;

/**
 * How wide the body is drawn at each height, and how high each slice of mass then is. A slant moves every point toward the tail by as much as it is away from
 * the midline; that is a shear, which leaves areas as they are.
 */
final readonly class Outline
{
    public const WIDTH = 100.0;

    public const HEIGHT = 132.0;

    private const SLICES = 600;

    private const STEPS = 48;

    /**
     * @param non-empty-list<array{float, float}> $widths by mass so far
     * @param list<float>                         $depths at the end of each slice
     */
    private function __construct(private array $widths, private bool $isEased, private array $depths, private float $slice, public float $scale, private float $slant) {}

    /**
     * @param list<array{float, list<float>}> $bands share of each, and its widths: one in its middle, or several from its upper edge to its lower
     * @param float                           $from  width at the head
     * @param float                           $to    width at the tail
     */
    public static function of(array $bands, float $from, float $to, float $slant): self
    {
        $points = [[0.0, $from]];
        $isEased = true;
        $down = 0.0;
        foreach ($bands as [$share, $widths]) {
            $last = count($widths) - 1;
            $isEased = $isEased && $last === 0;
            foreach ($widths as $index => $width) {
                $points[] = [$down + $share * ($last === 0 ? 0.5 : $index / $last), $width];
            }
            $down += $share;
        }
        $points[] = [$down, $to];
        $slice = $down / self::SLICES;
        $depths = [0.0];
        $scale = INF;
        for ($index = 0; $index < self::SLICES; $index++) {
            $depths[] = $depths[$index] + $slice / self::widthIn($points, $isEased, ($index + 0.5) * $slice);
            // The edge of a slanted body may lie lower than its midline.
            $scale = min($scale, (self::HEIGHT - $slant * self::widthIn($points, $isEased, ($index + 1) * $slice) / 2) / $depths[$index + 1]);
        }

        return new self($points, $isEased, $depths, $slice, $scale, $slant);
    }

    /** @return array{float, float} x and y */
    public function point(float $across, float $down): array
    {
        $index = min(self::SLICES - 1, max(0, (int) floor($down / $this->slice)));
        [$above, $below] = [$this->depths[$index], $this->depths[$index + 1]];
        $aside = ($across - 0.5) * self::widthIn($this->widths, $this->isEased, $down);

        return [self::WIDTH / 2 + $aside, $this->scale * ($above + ($below - $above) * ($down / $this->slice - $index)) + $this->slant * abs($aside)];
    }

    /** A line across the body, with its turn at the midline, or a curve down it, as the points of an SVG path. */
    public function path(float $fromAcross, float $fromDown, float $toAcross, float $toDown): string
    {
        $points = [];
        foreach ($fromDown === $toDown ? self::acrossAt($fromAcross, $toAcross) : range(0, 1, 1 / self::STEPS) as $share) {
            $points[] = vsprintf('%.2F %.2F', $this->point($fromAcross + ($toAcross - $fromAcross) * $share, $fromDown + ($toDown - $fromDown) * $share));
        }

        return implode(' L', $points);
    }

    /** Down the left of a block, across, up its right, and back. */
    public function around(CutBlock $block): string
    {
        return 'M'.implode(' L', [
            $this->path($block->left, $block->top, $block->left, $block->bottom),
            $this->path($block->left, $block->bottom, $block->right, $block->bottom),
            $this->path($block->right, $block->bottom, $block->right, $block->top),
            $this->path($block->right, $block->top, $block->left, $block->top),
        ]).' Z';
    }

    /** @return list<float> */
    private static function acrossAt(float $from, float $to): array
    {
        $turn = $to === $from ? 0.0 : (0.5 - $from) / ($to - $from);

        return $turn > 0.0 && $turn < 1.0 ? [0.0, $turn, 1.0] : [0.0, 1.0];
    }

    /** @param non-empty-list<array{float, float}> $widths */
    private static function widthIn(array $widths, bool $isEased, float $at): float
    {
        $before = $widths[0];
        foreach ($widths as $after) {
            if ($after[0] >= $at) {
                $share = $after === $before ? 0.0 : ($at - $before[0]) / ($after[0] - $before[0]);

                return $before[1] + ($after[1] - $before[1]) * ($isEased ? (1 - cos(M_PI * $share)) / 2 : $share);
            }
            $before = $after;
        }

        return $before[1];
    }
}
