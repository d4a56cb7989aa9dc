<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/**
 * Cooling in two stages: from 57 °C to 21 °C within two hours, to 5 °C within six hours in all (FDA Food Code 2022, 3-501.14 (A)).
 * Between two readings the temperature is taken to fall on a straight line.
 */
final readonly class Cooling implements Computation
{
    public const FROM_C = 57.0;

    public const FIRST_C = 21.0;

    public const COLD_C = 5.0;

    public const FIRST_MS = 2 * 3_600_000;

    public const TOTAL_MS = 6 * 3_600_000;

    private const COLDEST_C = -100;

    private const HOTTEST_C = 300;

    private const LATEST_MS = 10_000_000_000_000;

    /** Times between readings are worked out in doubles: what is over by less than this is exactly in time. */
    private const SLACK_MS = 1e-3;

    /** @param non-empty-list<CoolingReading> $readings in the order of time */
    public function __construct(public array $readings) {}

    public static function summary(): string
    {
        return 'whether something hot was cooled in time';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'cooling', ['readings']);
        $readings = [];
        $earliest = 0;
        foreach ($node->at('readings')->items() as $item) {
            $item->keys(['at_ms', 'c']);
            $readings[] = new CoolingReading($earliest = $item->at('at_ms')->integer($earliest, self::LATEST_MS), $item->at('c')->number(self::COLDEST_C, self::HOTTEST_C));
        }

        return $readings === [] ? throw $node->at('readings')->fail(MessageCode::MustNotBeEmpty) : new self($readings);
    }

    public function answer(): array
    {
        $start = $this->reaches(self::FROM_C);
        $since = static fn(?float $at): ?int => $at === null || $start === null ? null : (int) round($at - $start);

        return [
            'from_57_ms' => $start === null ? null : (int) round($start),
            'to_21_ms' => $since($this->reaches(self::FIRST_C)),
            'to_5_ms' => $since($this->reaches(self::COLD_C)),
            'verdict' => $this->verdict()->value,
        ];
    }

    public function verdict(): CoolingVerdict
    {
        $start = $this->reaches(self::FROM_C);
        if ($start === null) {
            return CoolingVerdict::Open;
        }

        return match (true) {
            $this->isLate($start, self::FIRST_C, self::FIRST_MS) => CoolingVerdict::TooSlowFirst,
            $this->isLate($start, self::COLD_C, self::TOTAL_MS) => CoolingVerdict::TooSlowTotal,
            $this->reaches(self::COLD_C) !== null => CoolingVerdict::Within,
            default => CoolingVerdict::Open,
        };
    }

    /** It came too late, or has not come by the last reading though it should have. */
    private function isLate(float $start, float $c, int $withinMs): bool
    {
        $at = $this->reaches($c) ?? (float) $this->readings[array_key_last($this->readings)]->atMs;

        return $at - $start > $withinMs + self::SLACK_MS;
    }

    /** When it is first as cold as that, in ms on the clock of the readings; null where it is not yet. */
    private function reaches(float $c): ?float
    {
        $before = null;
        foreach ($this->readings as $reading) {
            if ($reading->c <= $c) {
                return $before === null ? (float) $reading->atMs : $before->atMs + ($before->c - $c) / ($before->c - $reading->c) * ($reading->atMs - $before->atMs);
            }
            $before = $reading;
        }

        return null;
    }
}
