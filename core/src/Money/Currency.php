<?php

declare(strict_types=1);

namespace DeftBlade\Core\Money;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** What money is counted in: an ISO 4217 code and how many decimals its minor unit has (EUR 2, JPY 0). */
final readonly class Currency
{
    private const MOST_DECIMALS = 4;

    private function __construct(public string $code, public int $exponent) {}

    public static function read(Node $node): self
    {
        $node->keys(['currency', 'exponent']);

        return new self(
            $node->at('currency')->matching('/^[A-Z]{3}$/D', MessageCode::NotACurrency),
            $node->at('exponent')->integer(0, self::MOST_DECIMALS),
        );
    }

    /** By its code, with the decimals it has today; null where it is no currency in use. */
    public static function known(string $code): ?self
    {
        return in_array($code, self::codes(), true)
            ? new self($code, (int) (new \NumberFormatter("en@currency=$code", \NumberFormatter::CURRENCY))->getAttribute(\NumberFormatter::FRACTION_DIGITS))
            : null;
    }

    /** @return list<string> ISO 4217 codes of the currencies in use today, from ICU's list by country */
    public static function codes(): array
    {
        $codes = [];
        foreach (self::inside(\ResourceBundle::create('supplementalData', 'ICUDATA-curr', false)?->get('CurrencyMap')) as $country) {
            foreach (self::inside($country) as $entry) {
                $use = [...self::inside($entry)];
                $isCurrent = ! isset($use['to']) && ($use['tender'] ?? 'true') !== 'false';
                if ($isCurrent && is_string($use['id'] ?? null)) {
                    $codes[] = $use['id'];
                }
            }
        }
        sort($codes);

        return array_values(array_unique($codes));
    }

    /** @return iterable<mixed> */
    private static function inside(mixed $bundle): iterable
    {
        return $bundle instanceof \ResourceBundle ? $bundle : [];
    }
}
