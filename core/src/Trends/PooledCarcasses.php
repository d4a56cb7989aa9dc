<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** Weights of carcasses that another school gave, as far as it cut the same (docs/formats/carcasses.schema.json). */
final readonly class PooledCarcasses
{
    private const WEEK = '/^\d{4}-W(0[1-9]|[1-4]\d|5[0-3])$/';

    private const MOST_RECORDS = 100_000;

    private const LONGEST_S = 604_800;

    /**
     * @param list<WeighedCarcass> $records
     * @param list<string>         $otherwise ids of pieces that were put together from other parts there, and are left out
     */
    private function __construct(public array $records, public array $otherwise) {}

    /**
     * @param Standard $standard as it is held here
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage naming what is wrong; also where it is another carcass, or nothing was cut the same
     */
    public static function read(Node $node, Standard $standard): self
    {
        Format::check($node, OpenData::NAME, ['species', 'carcass', 'standard', 'pieces', 'bins', 'records']);
        $node->at('species')->text();
        $node->at('standard')->identifier();
        if ($node->at('carcass')->identifier() !== $standard->carcass->key) {
            throw $node->at('carcass')->fail(MessageCode::OtherCarcass, ['carcass' => $standard->carcass->key]);
        }
        [$pieces, $bins] = [self::places($node->at('pieces')), self::places($node->at('bins'))];
        $samePieces = self::same($pieces, $standard->cuts->pieces);
        $sameBins = self::same($bins, $standard->cuts->bins);
        if ($samePieces === []) {
            throw $node->at('pieces')->fail(MessageCode::CutOtherwise);
        }
        $records = $node->at('records')->items();
        if (count($records) > self::MOST_RECORDS) {
            throw $node->at('records')->fail(MessageCode::TooMany, ['most' => self::MOST_RECORDS]);
        }

        return new self(
            array_map(static fn(Node $it): WeighedCarcass => self::record($it, $pieces, $bins, $samePieces, $sameBins), $records),
            array_values(array_map(strval(...), array_diff(array_keys($standard->cuts->pieces), array_keys($samePieces)))),
        );
    }

    /**
     * @param array<string, list<string>> $pieces
     * @param array<string, list<string>> $bins
     * @param array<string, true>         $samePieces
     * @param array<string, true>         $sameBins
     */
    private static function record(Node $node, array $pieces, array $bins, array $samePieces, array $sameBins): WeighedCarcass
    {
        $node->keys(['week', 'ap_mg', 'pieces', 'bins', 'running_s']);
        if (preg_match(self::WEEK, $node->at('week')->text()) !== 1) {
            throw $node->at('week')->fail(MessageCode::NotWeek);
        }
        if (! $node->at('running_s')->isNull()) {
            $node->at('running_s')->integer(0, self::LONGEST_S);
        }

        return WeighedCarcass::of(
            $node->at('ap_mg')->integer(1, Mass::MOST_MG),
            array_intersect_key(self::masses($node->at('pieces'), $pieces), $samePieces),
            array_intersect_key(self::masses($node->at('bins'), $bins), $sameBins),
        );
    }

    /**
     * @param array<string, list<string>> $known
     *
     * @return array<string, int> mg by id
     */
    private static function masses(Node $node, array $known): array
    {
        $masses = [];
        foreach (array_map(strval(...), array_keys(get_object_vars($node->document()))) as $id) {
            if (! isset($known[$id])) {
                throw $node->fail(MessageCode::NotInStandard, ['list' => 'pieces', 'id' => $id]);
            }
            $masses[$id] = $node->at($id)->integer(0, Mass::MOST_MG);
        }

        return $masses;
    }

    /** @return array<string, list<string>> the parts of each, by id */
    private static function places(Node $node): array
    {
        $places = [];
        foreach ($node->items() as $item) {
            $item->keys(['id', 'title', 'parts']);
            $item->at('title')->text();
            $places[$item->at('id')->identifier()] = array_map(static fn(Node $it): string => $it->text(), $item->at('parts')->items());
        }

        return $places;
    }

    /**
     * @param array<string, list<string>> $there
     * @param array<string, Piece|Bin>    $here
     *
     * @return array<string, true> by id, what is put together from the same parts
     */
    private static function same(array $there, array $here): array
    {
        $sorted = static function (array $parts): array {
            sort($parts);

            return $parts;
        };
        $same = array_filter($here, static fn(Piece|Bin $it): bool => isset($there[$it->id]) && $sorted($there[$it->id]) === $sorted($it->parts));

        return array_fill_keys(array_map(strval(...), array_keys($same)), true);
    }
}
