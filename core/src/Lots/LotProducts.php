<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Standard\Standard;

/** What a standard's trays come to when they are put together: left and right of a matched pair are one product. */
final readonly class LotProducts
{
    /** The product of the meat that was scraped off the frame. */
    public const SCRAPE = 'scrape';

    /** @param array<string, LotProduct> $products by id, in the order of the cut list */
    private function __construct(public array $products) {}

    /**
     * @param LotKitchen|null $kitchen what it calls what no standard names; null where only masses are asked
     * @param string|null     $class   of product
     */
    public static function of(Standard $standard, ?LotKitchen $kitchen = null, ?string $class = null): self
    {
        $found = self::pieces($standard);
        foreach ($standard->cuts->bins as $bin) {
            $found[] = new LotProduct($bin->id, $bin->title, LotProductKind::Bin, [$bin->id], $bin->usable);
        }
        if ($standard->frame !== null) {
            $found[] = new LotProduct(self::SCRAPE, $kitchen->scrapeTitle ?? '', LotProductKind::Scrape, [self::SCRAPE]);
        }

        return new self(self::byId([...$found, ...$kitchen?->giblets($class) ?? []]));
    }

    /** The product of what was weighed at a place of the tray. */
    public function at(string $place): ?LotProduct
    {
        foreach ($this->products as $product) {
            if (in_array($place, $product->places, true)) {
                return $product;
            }
        }

        return null;
    }

    /** @return list<LotProduct> */
    private static function pieces(Standard $standard): array
    {
        $together = [];
        foreach ($standard->cuts->pieces as $piece) {
            $together[self::isMatched($standard, $piece->id) ? self::base($piece->id) : $piece->id][] = $piece;
        }

        return array_map(static fn(array $pieces, int|string $id): LotProduct => new LotProduct(
            (string) $id,
            self::title($pieces),
            LotProductKind::Piece,
            array_map(static fn(Piece $it): string => $it->id, $pieces),
        ), $together, array_keys($together));
    }

    /** Its other side is held to weigh the same, so that they are one thing. */
    private static function isMatched(Standard $standard, string $piece): bool
    {
        foreach ($standard->matches as $group) {
            $alike = array_filter($group->pieces, static fn(string $it): bool => self::base($it) === self::base($piece));
            if (in_array($piece, $alike, true) && count($alike) > 1) {
                return true;
            }
        }

        return false;
    }

    /** A piece less its side: `thigh` of `thigh.left`. */
    private static function base(string $piece): string
    {
        $dot = strrpos($piece, '.');

        return $dot === false ? $piece : substr($piece, 0, $dot);
    }

    /** @param non-empty-list<Piece> $pieces */
    private static function title(array $pieces): string
    {
        $words = array_map(static fn(Piece $it): array => array_reverse(explode(' ', $it->title)), $pieces);
        $common = [];
        foreach ($words[0] as $index => $word) {
            foreach ($words as $other) {
                if (($other[$index] ?? null) !== $word) {
                    break 2;
                }
            }
            array_unshift($common, $word);
        }

        return $common === [] ? $pieces[0]->title : self::capitalised(implode(' ', $common));
    }

    /** With a capital; a word of the vocabulary ({drumstick}) gets it inside its braces. */
    private static function capitalised(string $title): string
    {
        return (string) preg_replace_callback('/^(\{?)(\p{L})/u', static fn(array $found): string => $found[1].mb_strtoupper($found[2]), $title);
    }

    /**
     * @param list<LotProduct> $products
     *
     * @return array<string, LotProduct>
     */
    private static function byId(array $products): array
    {
        return array_combine(array_map(static fn(LotProduct $it): string => $it->id, $products), $products);
    }
}
