<?php

declare(strict_types=1);

namespace App\Http\Prints\CutMap;

/** How wide the body is drawn at each height, eased from the middle of one band to the next, and how high each slice of mass then is. */
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
    private function __construct(private array $widths, private array $depths, private float $slice, public float $scale) {}

    /**
     * @param list<array{float, float}> $bands share and width of each
     * @param float                     $from  width at the head
     * @param float                     $to    width at the tail
     */
    public static function of(array $bands, float $from, float $to): self
    {
        $widths = [[0.0, $from]];
        $down = 0.0;
        foreach ($bands as [$share, $width]) {
            $widths[] = [$down + $share / 2, $width];
            $down += $share;
        }
        $widths[] = [$down, $to];
        $slice = $down / self::SLICES;
        $depths = [0.0];
        for ($index = 0; $index < self::SLICES; $index++) {
            $depths[] = $depths[$index] + $slice / self::widthIn($widths, ($index + 0.5) * $slice);
        }

        return new self($widths, $depths, $slice, self::HEIGHT / $depths[self::SLICES]);
    }

    /** @return array{float, float} x and y */
    public function point(float $across, float $down): array
    {
        $index = min(self::SLICES - 1, max(0, (int) floor($down / $this->slice)));
        [$above, $below] = [$this->depths[$index], $this->depths[$index + 1]];

        return [self::WIDTH / 2 + ($across - 0.5) * self::widthIn($this->widths, $down), $this->scale * ($above + ($below - $above) * ($down / $this->slice - $index))];
    }

    /** A straight line across, or a curve down the body, as the points of an SVG path. */
    public function path(float $fromAcross, float $fromDown, float $toAcross, float $toDown): string
    {
        $steps = $fromDown === $toDown ? 1 : self::STEPS;
        $points = [];
        for ($step = 0; $step <= $steps; $step++) {
            $share = $step / $steps;
            $points[] = vsprintf('%.2F %.2F', $this->point($fromAcross + ($toAcross - $fromAcross) * $share, $fromDown + ($toDown - $fromDown) * $share));
        }

        return implode(' L', $points);
    }

    public function around(CutBlock $block): string
    {
        return 'M'.$this->path($block->left, $block->top, $block->left, $block->bottom).' L'.$this->path($block->right, $block->bottom, $block->right, $block->top).' Z';
    }

    /** @param non-empty-list<array{float, float}> $widths */
    private static function widthIn(array $widths, float $at): float
    {
        $before = $widths[0];
        foreach ($widths as $after) {
            if ($after[0] >= $at) {
                return $after === $before ? $after[1] : $before[1] + ($after[1] - $before[1]) * (1 - cos(M_PI * ($at - $before[0]) / ($after[0] - $before[0]))) / 2;
            }
            $before = $after;
        }

        return $before[1];
    }
}
