<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Running time in ms: full marks at or under the standard, none at or over the limit. */
final readonly class TimeAllowance
{
    private const MOST_MS = 7 * 24 * 3_600_000;

    private function __construct(public float $standardMs, public float $limitMs) {}

    public static function read(Node $node): self
    {
        $node->keys(['standard_ms', 'limit_ms']);
        $standard = $node->at('standard_ms')->integer(1, self::MOST_MS);
        $limit = $node->at('limit_ms')->integer(1, self::MOST_MS);
        if ($limit <= $standard) {
            throw $node->at('limit_ms')->fail(MessageCode::NotAbove, ['key' => 'standard_ms']);
        }

        return new self($standard, $limit);
    }

    /** With a student's extra time, as a factor on both. */
    public function times(float $factor): self
    {
        return new self($this->standardMs * $factor, $this->limitMs * $factor);
    }
}
