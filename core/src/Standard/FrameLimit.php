<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Weighing\Mass;

/** What may be scraped off the frame: full marks at or under clean, none at or over the limit. */
final readonly class FrameLimit
{
    private function __construct(public Mass $clean, public Mass $limit) {}

    public static function read(Node $node): self
    {
        $node->keys(['clean_mg', 'limit_mg']);
        $clean = $node->at('clean_mg')->integer(0, Mass::MOST_MG);
        $limit = $node->at('limit_mg')->integer(0, Mass::MOST_MG);
        if ($limit <= $clean) {
            throw $node->at('limit_mg')->fail(MessageCode::NotAbove, ['key' => 'clean_mg']);
        }

        return new self(Mass::ofMilligrams($clean), Mass::ofMilligrams($limit));
    }
}
