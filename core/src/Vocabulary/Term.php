<?php

declare(strict_types=1);

namespace DeftBlade\Core\Vocabulary;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** A thing that kitchens have several names for. */
final readonly class Term
{
    /** @param non-empty-array<string, Wording> $wordings by key; the first is what the book says */
    private function __construct(public string $key, public string $title, public string $reason, public array $wordings) {}

    public static function read(Node $node): self
    {
        $node->keys(['key', 'title', 'reason', 'choices']);
        $wordings = [];
        foreach ($node->at('choices')->items() as $choice) {
            $wording = Wording::read($choice);
            $wordings[$wording->key] = $wording;
        }

        return new self($node->at('key')->identifier(), $node->at('title')->text(), $node->at('reason')->text(), $wordings ?: throw $node->at('choices')->fail(MessageCode::MustNotBeEmpty));
    }
}
