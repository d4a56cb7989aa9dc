<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;

/** Puts a carcass into a standard that names it: the whole of it, or with parts split as the standard needs. */
final class CarcassPlacement
{
    /**
     * @param \stdClass                   $standard  its `carcass` is a key, or `{of, split}`; it is changed
     * @param callable(string): \stdClass $carcassOf the carcass of a key
     */
    public static function in(\stdClass $standard, callable $carcassOf): \stdClass
    {
        $named = Node::of($standard, 'standard')->at('carcass');
        $isSplit = $standard->carcass instanceof \stdClass;
        $carcass = $carcassOf($isSplit ? $named->at('of')->text() : $named->text());
        $split = $isSplit ? (new PartSplit($named->at('split')))->of(...) : static fn(Node $part): array => [$part->document()];
        $standard->carcass = (object) [
            'key' => $carcass->key,
            'title' => $carcass->title,
            'parts' => array_merge(...array_map($split, Node::of($carcass, 'carcass')->at('parts')->items())),
        ];

        return $standard;
    }
}
