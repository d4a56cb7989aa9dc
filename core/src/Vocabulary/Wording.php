<?php

declare(strict_types=1);

namespace DeftBlade\Core\Vocabulary;

use DeftBlade\Core\Json\Node;

/** One way of saying a thing: what is said instead of the words of the book. */
final readonly class Wording
{
    /** @param array<string, string> $instead the school's words by the book's */
    private function __construct(public string $key, public string $title, public array $instead) {}

    public static function read(Node $node): self
    {
        $node->keys(['key', 'instead'], ['title']);
        $instead = [];
        foreach (array_map(strval(...), array_keys(get_object_vars($node->at('instead')->document()))) as $words) {
            $instead[$words] = $node->at('instead')->at($words)->text();
        }
        $key = $node->at('key')->identifier();

        return new self($key, $node->textOf('title', $key), $instead);
    }
}
