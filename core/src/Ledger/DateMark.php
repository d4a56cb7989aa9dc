<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

use DeftBlade\Core\Capture\Day;
use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** The day by which something made here must be gone: the day it was made is day 1, and days in the freezer do not count (FDA Food Code 2022, 3-501.17). */
final readonly class DateMark implements Computation
{
    private const MOST_DAYS = 366;

    /**
     * @param \DateTimeImmutable  $made
     * @param int                 $days   how many it keeps; 7 at 5 °C by the code
     * @param list<FrozenStretch> $frozen in the order of time, none over another
     */
    private function __construct(public \DateTimeImmutable $made, public int $days, public array $frozen) {}

    /** @param list<FrozenStretch> $frozen in the order of time, none over another */
    public static function of(\DateTimeImmutable $made, int $days, array $frozen): self
    {
        return new self($made, $days, $frozen);
    }

    public static function summary(): string
    {
        return 'the day by which something made here must be gone';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'date-mark', ['made', 'days', 'frozen']);
        $made = Day::read($node->at('made'));

        return new self($made, $node->at('days')->integer(1, self::MOST_DAYS), self::stretches($node->at('frozen'), $made));
    }

    public function answer(): array
    {
        return ['use_by' => $this->useBy()->format(Day::FORMAT)];
    }

    public function useBy(): \DateTimeImmutable
    {
        $day = $this->made;
        $left = $this->days - 1;
        foreach ($this->frozen as $stretch) {
            $before = (int) $day->diff($stretch->from)->days;
            // Day 1 itself counts where it was not frozen on it.
            if ($left < $before) {
                break;
            }
            $left -= $before;
            $day = $stretch->to;
        }

        return $day->modify("+$left days");
    }

    /** @return list<FrozenStretch> */
    private static function stretches(Node $node, \DateTimeImmutable $made): array
    {
        $read = array_map(static fn(Node $it): array => [$it->keys(['from', 'to']), Day::read($it->at('from')), Day::read($it->at('to'))], $node->items());
        usort($read, static fn(array $one, array $other): int => $one[1] <=> $other[1]);
        $stretches = [];
        $earliest = $made;
        foreach ($read as [$item, $from, $to]) {
            self::mustNotBeBefore($item->at('from'), $from, $earliest);
            self::mustNotBeBefore($item->at('to'), $to, $from);
            $stretches[] = new FrozenStretch($from, $to);
            $earliest = $to;
        }

        return $stretches;
    }

    private static function mustNotBeBefore(Node $node, \DateTimeImmutable $day, \DateTimeImmutable $earliest): void
    {
        if ($day < $earliest) {
            throw $node->fail(MessageCode::DayBefore, ['earliest' => $earliest->format(Day::FORMAT)]);
        }
    }
}
