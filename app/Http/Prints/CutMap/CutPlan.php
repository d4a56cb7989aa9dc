<?php

declare(strict_types=1);

namespace App\Http\Prints\CutMap;

use DeftBlade\Core\Carcass\Carcass;
use DeftBlade\Core\Carcass\Part;
use DeftBlade\Core\Json\Node;

/**
 * A carcass laid out flat and symmetrical for print, as the screen draws it (ui/src/parts/cutPlan.ts); tests/vectors/cut-plan.json holds the two together.
 * Areas are in proportion to masses.
 */
final readonly class CutPlan
{
    private const DEFAULT_WIDTH = 92.0;

    private const REST_WIDTH = 46.0;

    /**
     * @param list<CutBlock>                                          $blocks
     * @param list<array{part: string, x: float, y: float, r: float}> $apart  parts that have no place in the body, as discs
     * @param list<string>                                            $fins   lines at the edges of the body
     */
    private function __construct(public array $blocks, public array $apart, public array $fins, public Outline $outline) {}

    /** @param Node|null $plan of the carcass; null where none knows it */
    public static function of(Carcass $carcass, ?Node $plan): self
    {
        $shares = array_map(static fn(Part $it): float => $it->share, $carcass->parts);
        $parts = array_map(strval(...), array_keys($shares));
        [$from, $to, $bands, $apart] = self::layout($plan, array_values(array_unique(array_map(self::stem(...), $parts))));
        $sides = array_values(array_unique(array_map(static fn(string $it): string => substr($it, strlen(self::stem($it))), array_filter($parts, static fn(string $it): bool => str_contains($it, '.')))));
        $blocks = $drawn = $reach = [];
        $down = 0.0;
        foreach ($bands as [$widths, $columns]) {
            $columns = self::columns($columns, $shares, $sides);
            $share = array_sum(array_map(static fn(array $it): float => $it[1], $columns));
            $reach[] = [$down, $share];
            if ($share <= 0.0) {
                continue;
            }
            $drawn[] = [$share, $widths];
            $left = 0.0;
            foreach ($columns as [$members, $columnShare]) {
                $right = $left + $columnShare / $share;
                $top = $down;
                foreach ($members as $part) {
                    $bottom = $top + $share * $shares[$part] / $columnShare;
                    $blocks[] = new CutBlock($part, $left, $right, $top, $bottom);
                    $top = $bottom;
                }
                $left = $right;
            }
            $down += $share;
        }
        $outline = Outline::of($drawn, $from, $to, $plan?->has('slant') === true ? $plan->at('slant')->positive(1) : 0.0);
        $discs = [];
        foreach (array_values(array_filter($apart, static fn(string $it): bool => ($shares[$it] ?? 0.0) > 0.0)) as $index => $part) {
            $discs[] = ['part' => $part, 'x' => Outline::WIDTH - 8 - $index * 16, 'y' => Outline::HEIGHT - 8, 'r' => sqrt($outline->scale * $shares[$part] / M_PI)];
        }

        return new self($blocks, $discs, $plan?->has('fins') === true ? array_merge(...array_map(static fn(Node $it): array => self::fin($it, $reach, $outline), $plan->at('fins')->items())) : [], $outline);
    }

    /**
     * A fin on either side: its base on the edge of the body, its tip off it and toward the tail.
     *
     * @param list<array{float, float}> $bands where each begins, and its share
     *
     * @return list<string>
     */
    private static function fin(Node $fin, array $bands, Outline $outline): array
    {
        [$top, $share] = $bands[$fin->at('band')->integer(0, 100)] ?? [0.0, 0.0];
        if ($share <= 0.0) {
            return [];
        }
        $stands = $fin->at('stands')->positive(20);
        $lines = [];
        foreach ([0.0, 1.0] as $edge) {
            [$start, $end] = [$outline->point($edge, $top + $fin->at('from')->number(0, 1) * $share), $outline->point($edge, $top + $fin->at('to')->number(0, 1) * $share)];
            $lines[] = vsprintf('M%.2F %.2F L%.2F %.2F L%.2F %.2F', [...$start, $end[0] + ($edge - 0.5) * 2 * $stands, $end[1] + $stands / 2, ...$end]);
        }

        return $lines;
    }

    /**
     * The columns of the first side mirrored, then what lies on the midline, then those of the other sides.
     *
     * @param list<list<string>>   $columns stems
     * @param array<string, float> $shares  by part
     * @param list<string>         $sides   such as ".left", ".right"
     *
     * @return list<array{list<string>, float}> parts and the share of each column
     */
    private static function columns(array $columns, array $shares, array $sides): array
    {
        $sided = static function (string $side) use ($columns, $shares): array {
            $found = [];
            foreach ($columns as $stems) {
                $parts = array_values(array_filter(array_map(static fn(string $it): string => $it.$side, $stems), static fn(string $it): bool => isset($shares[$it])));
                if ($parts !== []) {
                    $found[] = [$parts, array_sum(array_map(static fn(string $it): float => $shares[$it], $parts))];
                }
            }

            return $found;
        };

        return [
            ...$sides === [] ? [] : array_reverse($sided($sides[0])),
            ...$sided(''),
            ...array_merge([], ...array_map($sided, array_slice($sides, 1))),
        ];
    }

    /**
     * @param list<string> $stems of all parts
     *
     * @return array{float, float, list<array{list<float>, list<list<string>>}>, list<string>} from, to, bands (widths, columns), apart
     */
    private static function layout(?Node $plan, array $stems): array
    {
        if ($plan === null) {
            $rows = array_chunk($stems, max(1, (int) ceil(sqrt(count($stems)))));

            return [self::DEFAULT_WIDTH, self::DEFAULT_WIDTH, array_map(static fn(array $row): array => [[self::DEFAULT_WIDTH], array_map(static fn(string $it): array => [$it], $row)], $rows), []];
        }
        $texts = static fn(Node $node): array => array_map(static fn(Node $it): string => $it->text(), $node->items());
        $apart = $texts($plan->at('apart'));
        $bands = array_map(static fn(Node $band): array => [array_map(static fn(Node $it): float => $it->positive(Outline::WIDTH), $band->at('widths')->items()), array_map($texts, $band->at('columns')->items())], $plan->at('bands')->items());
        $known = array_merge($apart, ...array_map(static fn(array $band): array => array_merge([], ...$band[1]), $bands));
        $rest = array_values(array_diff($stems, $known));
        if ($rest !== []) {
            $bands[] = [[self::REST_WIDTH], array_map(static fn(string $it): array => [$it], $rest)];
        }

        return [$plan->at('from')->positive(Outline::WIDTH), $rest === [] ? $plan->at('to')->positive(Outline::WIDTH) : self::REST_WIDTH, $bands, $apart];
    }

    private static function stem(string $part): string
    {
        return explode('.', $part, 2)[0];
    }
}
