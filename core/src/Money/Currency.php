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
}
