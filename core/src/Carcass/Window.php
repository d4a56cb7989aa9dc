<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Weighing\Mass;

/** The limits a piece is judged by: shares of AP, or milligrams. */
final readonly class Window
{
    private const DEFAULT_WIDTH_SD = 2;

    private function __construct(public WindowBasis $basis, public float $low, public float $high) {}

    public static function read(Node $node): self
    {
        $node->keys(['basis', 'low', 'high']);
        $basis = $node->at('basis')->oneOf(WindowBasis::class);
        $most = $basis === WindowBasis::Share ? 1 : Mass::MOST_MG;
        $low = $node->at('low')->number(0, $most);
        $high = $node->at('high')->number(0, $most);
        if ($high <= $low) {
            throw $node->at('high')->fail(MessageCode::NotAbove, ['key' => 'low']);
        }

        return new self($basis, $low, $high);
    }

    /** Where a piece declares none: expected ± 2 standard deviations, as shares. */
    public static function around(Expectation $expectation): self
    {
        $margin = self::DEFAULT_WIDTH_SD * $expectation->sd;

        return new self(WindowBasis::Share, $expectation->share - $margin, $expectation->share + $margin);
    }

    public function halfWidth(): float
    {
        return ($this->high - $this->low) / 2;
    }
}
