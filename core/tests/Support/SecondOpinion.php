<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

/**
 * The rules of docs/grading.md written a second time, straight down from the package's arrays and with none of the core's classes:
 * where the two disagree, one of them is wrong. Knows the rules "benefit" and "simple" and share windows, which is what the trays here use.
 */
final class SecondOpinion
{
    /** @param array<string, mixed> $standard */
    public function __construct(private readonly array $standard, /** @var array<string, mixed> */ private readonly array $policy) {}

    /**
     * @param array<string, mixed> $attempt
     *
     * @return array{total: float|null, scores: array<string, float|null>}
     */
    public function of(array $attempt): array
    {
        $held = $this->held($attempt['captures']);
        $scores = [];
        foreach ($this->policy['components'] as $component) {
            $scores[$component['id']] = $this->score($component, $held);
        }
        $weights = array_column($this->policy['components'], 'weight', 'id');
        $scored = array_filter($scores, static fn(float|string $it): bool => is_float($it));
        $weight = array_sum(array_intersect_key($weights, $scored));
        $shown = array_map(static fn(float|string $it): ?float => is_float($it) ? $it : null, $scores);
        if (($held['ap'] === null && $held['pieces'] === []) || $weight <= 0) {
            return ['total' => null, 'scores' => $shown];
        }
        $total = 0.0;
        foreach ($scored as $id => $score) {
            $total += $weights[$id] / $weight * $score;
        }
        foreach ($this->policy['caps'] as $cap) {
            $inForce = match ($cap['when']) {
                'critical' => array_filter($this->standard['faults'], static fn(array $it): bool => ($it['critical'] ?? false) && in_array($it['id'], $held['faults'], true)) !== [],
                'resit' => $attempt['resit'] ?? false,
                'over_limit' => $held['ms'] > $this->standard['time']['limit_ms'] * ($attempt['time_factor'] ?? 1),
            };
            $total = $inForce ? min($total, $cap['max']) : $total;
        }

        return ['total' => floor($total * 10 + 0.5 + 1e-9) / 10, 'scores' => $shown];
    }

    /**
     * @param list<array<string, mixed>> $captures without withdrawals
     *
     * @return array<string, mixed>
     */
    private function held(array $captures): array
    {
        usort($captures, static fn(array $a, array $b): int => [$a['at'], $a['id']] <=> [$b['at'], $b['id']]);
        $held = ['ap' => null, 'defects' => [], 'pieces' => [], 'scrape' => null, 'levels' => [], 'faults' => [], 'ms' => 0, 'presented' => false];
        $since = null;
        foreach ($captures as $it) {
            switch ($it['kind']) {
                case 'received':
                    $held['ap'] = $it['mass_mg'];
                    $held['defects'] = $it['defects'] ?? [];
                    break;
                case 'piece':
                    $held['pieces'][$it['piece']] = $it['mass_mg'];
                    break;
                case 'scrape':
                    $held['scrape'] = $it['mass_mg'];
                    break;
                case 'level':
                    $held['levels'][$it['criterion']][$it['round'] ?? 'first'] = $it['level'];
                    break;
                case 'fault':
                    $held['faults'][] = $it['fault'];
                    break;
                case 'clock':
                    $now = 1000 * strtotime($it['at']);
                    if ($it['event'] === 'start') {
                        $since ??= $now;
                    } elseif ($since !== null) {
                        $held['ms'] += $now - $since;
                        $since = null;
                    }
                    $held['presented'] = $held['presented'] || $it['event'] === 'stop';
            }
        }
        $defects = array_column($this->standard['defects'], 'excuses', 'id');
        $held['excused'] = array_merge([], ...array_map(static fn(string $it): array => $defects[$it], $held['defects']));
        $required = array_filter(array_column($this->standard['pieces'], 'id'), static fn(string $it): bool => ! in_array("piece:$it", $held['excused'], true));
        $held['required'] = array_values($required);
        $held['complete'] = $held['presented'] || array_diff($required, array_keys($held['pieces'])) === [];

        return $held;
    }

    /**
     * @param array<string, mixed> $component
     * @param array<string, mixed> $held
     *
     * @return float|string 0 to 100, or why not
     */
    private function score(array $component, array $held): float|string
    {
        $line = static fn(float $x, float $full, float $none): float => 100 * max(0.0, min(1.0, ($none - $x) / ($none - $full)));

        return match ($component['id']) {
            'portion' => match (true) {
                $held['required'] === [] => 'dropped',
                $held['ap'] === null || ! $held['complete'] => 'pending',
                default => 100 * array_sum(array_map(fn(string $it): float => $this->piece($it, $held, $component['fade']), $held['required'])) / count($held['required']),
            },
            'pairs' => $this->pairs($component, $held),
            'yield' => $held['ap'] === null || ! $held['complete'] ? 'pending' : 100 - $line(array_sum($held['pieces']) / $held['ap'], $component['floor'], $component['target']),
            'frame' => $held['scrape'] === null ? 'pending' : $line($held['scrape'], $this->standard['frame']['clean_mg'], $this->standard['frame']['limit_mg']),
            'time' => $held['presented'] ? $line($held['ms'], $this->standard['time']['standard_ms'], $this->standard['time']['limit_ms']) : 'pending',
            default => $this->judged($component['id'], $held),
        };
    }

    /** @param array<string, mixed> $held */
    private function piece(string $id, array $held, float $fade): float
    {
        if (! isset($held['pieces'][$id])) {
            return 0.0;
        }
        $parts = array_column($this->standard['pieces'], 'parts', 'id')[$id];
        $share = $variance = 0.0;
        foreach ($this->standard['carcass']['parts'] as $part) {
            if (in_array($part['id'], $parts, true)) {
                $share += $part['share'];
                $variance += ($part['share'] * ['meat' => 0.08, 'bone' => 0.10, 'fat' => 0.12][$part['kind'] ?? 'meat']) ** 2;
            }
        }
        $width = 2 * sqrt($variance);
        $q = $held['pieces'][$id] / $held['ap'];
        $relative = sqrt(($this->u($held['pieces'][$id]) / $held['pieces'][$id]) ** 2 + ($this->u($held['ap']) / $held['ap']) ** 2);
        // The 95 % point of the normal distribution, from any table.
        $guard = $this->policy['decision']['rule'] === 'benefit' ? 1.6448536269514722 * $q * $relative : 0.0;
        $beyond = max(0.0, abs($q - $share) - $width - $guard);

        return max(0.0, 1 - $beyond / ($fade * $width));
    }

    private function u(int $mg): float
    {
        $divisions = $mg / $this->policy['scale']['division_mg'];
        $mpe = ($divisions <= 500 ? 1 : ($divisions <= 2000 ? 2 : 3)) * $this->policy['scale']['division_mg'];

        return sqrt($mpe ** 2 / 3 + $this->policy['scale']['division_mg'] ** 2 / 6 + ($this->policy['scale']['handling'] * $mg) ** 2);
    }

    /**
     * @param array<string, mixed> $component
     * @param array<string, mixed> $held
     */
    private function pairs(array $component, array $held): float|string
    {
        $scores = [];
        foreach ($this->standard['pairs'] as [$left, $right]) {
            if (! in_array($left, $held['required'], true) || ! in_array($right, $held['required'], true)) {
                continue;
            }
            $x = $held['pieces'][$left] ?? null;
            $y = $held['pieces'][$right] ?? null;
            $b = $x === null || $y === null ? INF : abs($x - $y) / (($x + $y) / 2);
            $scores[] = max(0.0, min(1.0, 1 - ($b - $component['tolerance']) / ($component['fade'] * $component['tolerance'])));
        }

        return $scores === [] ? 'dropped' : ($held['complete'] ? 100 * array_sum($scores) / count($scores) : 'pending');
    }

    /** @param array<string, mixed> $held */
    private function judged(string $component, array $held): float|string
    {
        $all = array_filter($this->standard['criteria'], static fn(array $it): bool => $it['component'] === $component);
        $mine = array_filter($all, static fn(array $it): bool => ! in_array("criterion:{$it['id']}", $held['excused'], true));
        if ($all !== [] && $mine === []) {
            return 'dropped';
        }
        $points = 0.0;
        foreach ($mine as $criterion) {
            $got = $this->pointsOf($criterion, $held['levels'][$criterion['id']] ?? []);
            if ($got === null) {
                return 'pending';
            }
            $points += $criterion['weight'] * $got / max(array_column($criterion['levels'], 'points'));
        }
        $score = $mine === [] ? 100.0 : 100 * $points / array_sum(array_column($mine, 'weight'));
        foreach ($this->standard['faults'] as $fault) {
            if ($fault['component'] === $component) {
                $score -= min($fault['deduct'] * count(array_keys($held['faults'], $fault['id'], true)), $fault['max']);
            }
        }

        return max(0.0, $score);
    }

    /**
     * @param array<string, mixed> $criterion
     * @param array<string, int>   $given     by round
     *
     * @return float|int|null null where nothing counts yet
     */
    private function pointsOf(array $criterion, array $given): float|int|null
    {
        $points = static fn(int $level): float|int => $criterion['levels'][$level]['points'];
        if (isset($given['agreed'])) {
            return $points($given['agreed']);
        }
        if (! isset($given['first'], $given['second'])) {
            $only = array_values($given)[0] ?? null;

            return $only === null ? null : $points($only);
        }
        $rule = $this->policy['moderation'] ?? ['tolerance_levels' => 100, 'combine' => 'first'];
        if (max($given) - min($given) > $rule['tolerance_levels']) {
            return null;
        }

        return match ($rule['combine']) {
            'mean' => ($points($given['first']) + $points($given['second'])) / 2,
            'first' => $points($given['first']),
            'lower' => min($points($given['first']), $points($given['second'])),
            'higher' => max($points($given['first']), $points($given['second'])),
        };
    }
}
