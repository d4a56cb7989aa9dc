<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** What a standard says beside its rules: tray layout, method card, cautions, uses. Grading ignores it; whoever publishes wants it right. */
final readonly class Presentation
{
    private const MOST_COLUMNS = 12;

    private function __construct(private Standard $standard) {}

    /** Reports to the node's findings, or throws the first. */
    public static function check(Node $node, Standard $standard): void
    {
        $presentation = new self($standard);
        foreach (['tray' => $presentation->tray(...), 'card' => self::card(...), 'cautions' => self::cautions(...), 'uses' => $presentation->uses(...)] as $key => $check) {
            if ($node->has($key)) {
                $node->at($key)->attempt($check);
            }
        }
    }

    private function tray(Node $node): void
    {
        $node->keys(['columns', 'places']);
        $columns = $node->at('columns')->integer(1, self::MOST_COLUMNS);
        $placed = $spots = [];
        foreach ($node->at('places')->items() as $item) {
            $item->keys(['place', 'column', 'row']);
            $place = $item->at('place')->text();
            $spot = $item->at('column')->integer(1, $columns).'/'.$item->at('row')->integer(1, self::MOST_COLUMNS);
            if (! isset($this->standard->cuts->pieces[$place])) {
                $item->report($item->at('place')->fail(MessageCode::NotInStandard, ['list' => 'piece', 'id' => InvalidPackage::quote($place)]));
            }
            if (isset($spots[$spot]) || isset($placed[$place])) {
                $item->report($item->fail(...isset($spots[$spot]) ? [MessageCode::SpotTaken, ['other' => $spots[$spot]]] : [MessageCode::PlacedTwice, ['id' => $place]]));
            }
            $spots[$spot] = $place;
            $placed[$place] = true;
        }
        foreach (array_diff_key($this->standard->cuts->pieces, $placed) as $piece) {
            $node->report($node->at('places')->fail(MessageCode::Unplaced, ['id' => $piece->id]));
        }
    }

    private static function card(Node $node): void
    {
        foreach ($node->items() as $step) {
            $step->attempt(static function (Node $step): void {
                $step->keys(['do', 'look', 'hand', 'fault'], ['caution']);
                foreach (['do', 'look', 'hand', 'fault'] as $key) {
                    $step->at($key)->text();
                }
                $step->textOf('caution', '');
            });
        }
    }

    private static function cautions(Node $node): void
    {
        foreach ($node->items() as $caution) {
            $caution->attempt(static fn(Node $it): string => $it->text());
        }
    }

    private function uses(Node $node): void
    {
        $places = $this->standard->cuts->pieces + $this->standard->cuts->bins;
        $node->keys([], array_map(strval(...), array_keys($places)));
        foreach (array_keys(get_object_vars($node->document())) as $key) {
            $node->at((string) $key)->text();
        }
    }
}
