<?php

declare(strict_types=1);

namespace App\Http\Prints\CutMap;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** The cut map of a standard for print: a drawing without words, and the names of its cuts with where they stand, set as text over it. */
final readonly class CutMapDrawing
{
    private const PIECE = '#f9f4e9';

    private const USABLE = '#c8ccce';

    private const WASTE = '#e6e2d8';

    private const INK = '#1c1916';

    /** Units of the map a letter of a name takes at a size of one unit. */
    private const LETTER = 0.5;

    /** Height of a line at a size of one unit. */
    public const LINE = 1.1;

    private function __construct(private Standard $standard, private CutPlan $plan) {}

    public static function of(Standard $standard, ?Node $plan): self
    {
        return new self($standard, CutPlan::of($standard->carcass, $plan));
    }

    /** @return string the drawing as an SVG document of 102 by 134 units */
    public function svg(): string
    {
        $shapes = [];
        foreach ([...$this->standard->cuts->pieces, ...$this->standard->cuts->bins] as $holder) {
            $fill = $holder instanceof Piece ? self::PIECE : ($holder->usable ? self::USABLE : self::WASTE);
            foreach ($this->plan->blocks as $block) {
                if (in_array($block->part, $holder->parts, true)) {
                    $shapes[] = "<path d=\"{$this->plan->outline->around($block)}\" fill=\"$fill\"/>";
                }
            }
            foreach ($this->plan->apart as $disc) {
                if (in_array($disc['part'], $holder->parts, true)) {
                    $shapes[] = vsprintf("<circle cx=\"%.2F\" cy=\"%.2F\" r=\"%.2F\" fill=\"$fill\" stroke=\"".self::INK.'" stroke-width="0.4"/>', [$disc['x'], $disc['y'], $disc['r']]);
                }
            }
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="-1 -1 102 134" width="102" height="134">'
            .implode('', $shapes).$this->lines().'</svg>';
    }

    /**
     * What each cut is called, in its largest block, where it has room at the smallest size.
     *
     * @param float $smallest size of type in units of the map
     *
     * @return list<array{text: string, x: float, y: float, width: float, lines: int}> centre of the name and the room it has, in units of the map
     */
    public function names(float $smallest): array
    {
        $names = [];
        foreach ([...$this->standard->cuts->pieces, ...$this->standard->cuts->bins] as $holder) {
            $block = $this->largest($holder);
            if ($block === null) {
                continue;
            }
            $middle = ($block->top + $block->bottom) / 2;
            [[$from], [$to]] = [$this->plan->outline->point($block->left, $middle), $this->plan->outline->point($block->right, $middle)];
            $centre = ($block->left + $block->right) / 2;
            [[, $above], [, $y], [, $below]] = array_map(fn(float $down): array => $this->plan->outline->point($centre, $down), [$block->top, $middle, $block->bottom]);
            $words = explode(' ', $holder->title);
            $wide = static fn(string $text): float => mb_strlen($text) * self::LETTER * $smallest;
            $lines = $wide($holder->title) <= $to - $from ? 1 : count($words);
            if ($lines * $smallest * self::LINE <= $below - $above && max(array_map($wide, $words)) <= $to - $from) {
                $names[] = ['text' => $holder->title, 'x' => ($from + $to) / 2, 'y' => $y, 'width' => $to - $from, 'lines' => $lines];
            }
        }

        return $names;
    }

    private function largest(Piece|Bin $holder): ?CutBlock
    {
        $largest = null;
        foreach ($this->plan->blocks as $block) {
            if (in_array($block->part, $holder->parts, true) && $block->area() > ($largest?->area() ?? 0.0)) {
                $largest = $block;
            }
        }

        return $largest;
    }

    /** Thin and dashed between parts of one cut; thick where two cuts meet, and round the body. */
    private function lines(): string
    {
        $within = $seams = [];
        $columns = $this->edges(static fn(CutBlock $it): array => [$it->left, $it->right]);
        $rows = $this->edges(static fn(CutBlock $it): array => [$it->top, $it->bottom]);
        foreach ($columns as $column => $across) {
            foreach ($rows as $row => $down) {
                [$right, $bottom] = [$columns[$column + 1] ?? null, $rows[$row + 1] ?? null];
                $here = $this->holderAt($across, $right, $down, $bottom);
                foreach ([
                    [$bottom, $this->holderAt($columns[$column - 1] ?? null, $across, $down, $bottom), [$across, $down, $across, (float) $bottom]],
                    [$right, $this->holderAt($across, $right, $rows[$row - 1] ?? null, $down), [$across, $down, (float) $right, $down]],
                ] as [$end, $other, $line]) {
                    if ($end === null || $here === $other) {
                        continue;
                    }
                    $path = 'M'.$this->plan->outline->path(...$line);
                    ($here[0] ?? null) === ($other[0] ?? null) ? $within[] = $path : $seams[] = $path;
                }
            }
        }

        return '<path d="'.implode(' ', $within).'" fill="none" stroke="'.self::INK.'" stroke-width="0.16" stroke-dasharray="0.8 0.7"/>'
            .'<path d="'.implode(' ', $this->plan->fins).'" fill="none" stroke="'.self::INK.'" stroke-width="0.4"/>'
            .'<path d="'.implode(' ', $seams).'" fill="none" stroke="'.self::INK.'" stroke-width="0.5" stroke-linecap="round"/>';
    }

    /** @return array{string, string}|null the holder and the part in a cell of the grid; null outside the body */
    private function holderAt(?float $left, ?float $right, ?float $top, ?float $bottom): ?array
    {
        if ($left === null || $right === null || $top === null || $bottom === null) {
            return null;
        }
        foreach ($this->plan->blocks as $block) {
            if ($block->holds(($left + $right) / 2, ($top + $bottom) / 2)) {
                return [$this->holderOf($block->part), $block->part];
            }
        }

        return null;
    }

    private function holderOf(string $part): string
    {
        foreach ([...$this->standard->cuts->pieces, ...$this->standard->cuts->bins] as $holder) {
            if (in_array($part, $holder->parts, true)) {
                return $holder->id;
            }
        }

        return $part;
    }

    /**
     * @param \Closure(CutBlock): array{float, float} $of
     *
     * @return list<float> in order, each once
     */
    private function edges(\Closure $of): array
    {
        $edges = array_unique(array_map(static fn(float $it): string => sprintf('%.6F', $it), array_merge([], ...array_map($of, $this->plan->blocks))));
        $edges = array_map(floatval(...), $edges);
        sort($edges);

        return $edges;
    }
}
