<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Money\Minor;

/** What to buy for a practical: carcasses with spares in whole cases, what they weigh and cost, and when frozen ones must be taken out. */
final readonly class Order implements Computation
{
    /** @param list<OrderLine> $lines */
    public function __construct(public Currency $currency, public array $lines) {}

    public static function summary(): string
    {
        return 'what to buy, what it costs, when to thaw it';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'order', ['money', 'lines']);
        $lines = [];
        foreach ($node->at('lines')->items() as $item) {
            $line = OrderLine::read($item);
            if (isset($lines[$line->id])) {
                throw $item->at('id')->fail(MessageCode::IdTaken, ['id' => $line->id]);
            }
            $lines[$line->id] = $line;
        }

        return new self(Currency::read($node->at('money')), array_values($lines));
    }

    public function answer(): array
    {
        return [
            'lines' => array_map(self::line(...), $this->lines),
            'total' => [
                'mass_mg' => $this->massMg(),
                'cost_minor' => $this->costMinor(),
            ],
        ];
    }

    public function massMg(): int
    {
        return array_sum(array_map(static fn(OrderLine $it): int => $it->massMg(), $this->lines));
    }

    /** Rounded once, from what the lines cost unrounded. */
    public function costMinor(): int
    {
        return Minor::rounded(array_sum(array_map(static fn(OrderLine $it): float => $it->cost(), $this->lines)));
    }

    /** @return array<string, mixed> */
    private static function line(OrderLine $line): array
    {
        return [
            'id' => $line->id,
            'needed' => $line->needed(),
            'to_buy' => $line->toBuy(),
            'cases' => $line->cases(),
            'ordered' => $line->ordered(),
            'mass_mg' => $line->massMg(),
            'cost_minor' => Minor::rounded($line->cost()),
            'cost_per_student_minor' => $line->students === 0 ? null : Minor::rounded($line->cost() / $line->students),
            'thaw_from' => $line->thawFrom()?->format(\DateTimeInterface::ATOM),
        ];
    }
}
