<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Roster\CsvText;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Planning\Order;
use DeftBlade\Core\Planning\OrderLine;
use DeftBlade\Core\Planning\PricedBy;

/** What to buy for a practical, in words and figures. */
final readonly class PurchaseList
{
    private const MG_A_KG = 1_000_000;

    /**
     * @param list<PurchaseRow> $rows
     * @param string|null       $cost all together; null while a price is missing
     */
    private function __construct(public array $rows, public int $massMg, public ?string $cost) {}

    public static function of(PrintedPractical $practical): self
    {
        $rows = $lines = [];
        foreach ($practical->lists as $list) {
            if ($list->order !== null) {
                $lines[] = $list->order;
                $rows[] = self::row($practical, $list, $list->order);
            }
        }
        $order = new Order($practical->currency, $lines);
        $isPriced = $lines !== [] && array_filter($rows, static fn(PurchaseRow $it): bool => $it->cost === null) === [];

        return new self($rows, $order->massMg(), $isPriced ? self::money($order->costMinor(), $practical->currency) : null);
    }

    /** As RFC 4180 text, marked as UTF-8 for spreadsheets. */
    public function csv(): string
    {
        $rows = array_map(static fn(PurchaseRow $it): array => [
            $it->product, $it->specification, $it->students, $it->needed, $it->onHand, $it->perCase, $it->cases, $it->ordered, $it->massMg / self::MG_A_KG, $it->price, $it->cost, $it->perStudent, $it->thawFrom,
        ], $this->rows);

        return CsvText::BYTE_ORDER_MARK.CsvText::of([
            ['Product', 'Specification', 'Students', 'Needed with spares', 'On hand', 'Per case', 'Cases', 'Ordered', 'kg', 'Price', 'Cost', 'Cost per student', 'Into the refrigerator by'],
            ...$rows,
        ]);
    }

    private static function row(PrintedPractical $practical, PrintedList $list, OrderLine $line): PurchaseRow
    {
        $price = $list->asked->order->price;
        $students = $line->students;

        return new PurchaseRow(
            $list->standard->carcass->title." for {$list->standard->title}",
            $list->asked->order->specification,
            $students,
            $line->needed(),
            $line->onHand,
            $line->perCase,
            $line->cases(),
            $line->ordered(),
            $line->massMg(),
            $price === null ? null : self::money($price->minor, $practical->currency).($price->per === PricedBy::Each ? ' each' : ' a kg'),
            $price === null ? null : self::money(Minor::rounded($line->cost()), $practical->currency),
            $price === null || $students === 0 ? null : self::money(Minor::rounded($line->cost() / $students), $practical->currency),
            $line->thawFrom()?->setTimezone(new \DateTimeZone($practical->timeZone))->format('l, j F, H:i'),
        );
    }

    private static function money(int $minor, Currency $currency): string
    {
        return sprintf("%s\u{a0}%s", $currency->code, number_format($minor / 10 ** $currency->exponent, $currency->exponent, '.', ' '));
    }
}
