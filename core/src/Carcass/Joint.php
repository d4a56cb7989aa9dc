<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;

/** Where two parts of a carcass meet and the knife goes through, with the usual fault there. Parts are named without their side. */
final readonly class Joint
{
    private function __construct(public string $title, public string $fault, private string $one, private string $other) {}

    public static function read(Node $node): self
    {
        $node->keys(['title', 'between', 'fault']);
        [$one, $other] = array_map(static fn(Node $it): string => $it->text(), $node->at('between')->items()) + ['', ''];

        return new self($node->at('title')->text(), $node->at('fault')->text(), $one, $other);
    }

    /**
     * A cut comes through the joint where it takes the part on one side of it and leaves the part on the other.
     *
     * @param list<string> $parts of a piece or a container
     */
    public function partsThrough(array $parts, Carcass $carcass): bool
    {
        foreach ($this->pairs($carcass) as [$one, $other]) {
            if (in_array($one, $parts, true) !== in_array($other, $parts, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{string, string}> the parts that meet here, on each side of the carcass once; none where it has not both */
    public function pairs(Carcass $carcass): array
    {
        $pairs = [];
        foreach ([...$carcass->sides(), ''] as $side) {
            [$one, $other] = [self::sided($this->one, $side, $carcass), self::sided($this->other, $side, $carcass)];
            if ($one !== null && $other !== null) {
                $pairs["$one $other"] = [$one, $other];
            }
        }

        return array_values($pairs);
    }

    private static function sided(string $part, string $side, Carcass $carcass): ?string
    {
        return match (true) {
            isset($carcass->parts["$part$side"]) => "$part$side",
            isset($carcass->parts[$part]) => $part,
            default => null,
        };
    }
}
