<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** What the pieces and bins of one carcass weighed, as shares of it as purchased. */
final readonly class WeighedCarcass
{
    /**
     * @param int                  $apMg   as purchased
     * @param array<string, float> $pieces by id
     * @param array<string, float> $bins   by id
     */
    private function __construct(public int $apMg, public array $pieces, public array $bins) {}

    /**
     * @param int                $apMg   the carcass as purchased, more than 0
     * @param array<string, int> $pieces mg by id
     * @param array<string, int> $bins   mg by id
     */
    public static function of(int $apMg, array $pieces, array $bins): self
    {
        $share = static fn(int $mg): float => $mg / $apMg;

        return new self($apMg, array_map($share, $pieces), array_map($share, $bins));
    }

    public static function read(Node $node, Standard $standard): self
    {
        $node->keys(['ap_mg', 'pieces', 'bins']);
        $asPurchased = $node->at('ap_mg')->integer(1, Mass::MOST_MG);

        return new self(
            $asPurchased,
            self::shares($node->at('pieces'), array_keys($standard->cuts->pieces), $asPurchased),
            self::shares($node->at('bins'), array_keys($standard->cuts->bins), $asPurchased),
        );
    }

    /**
     * @param list<int|string> $known
     *
     * @return array<string, float>
     */
    private static function shares(Node $node, array $known, int $asPurchased): array
    {
        $shares = [];
        foreach (array_keys(get_object_vars($node->document())) as $id) {
            if (! in_array($id, $known, false)) {
                throw $node->fail(MessageCode::NotInStandard, ['list' => 'pieces', 'id' => (string) $id]);
            }
            $shares[(string) $id] = $node->at((string) $id)->integer(0, Mass::MOST_MG) / $asPurchased;
        }

        return $shares;
    }
}
