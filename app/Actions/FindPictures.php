<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\StandardisingEntry;
use App\Models\StandardisingSet;
use App\Models\StandardisingStep;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Quiz\Pictured;

/** Photographs that students practise with: of standardising sets that who teaches shows them, without names, each with the level that was fixed as the reference. */
final readonly class FindPictures
{
    /** @return list<Pictured> */
    public function of(PractisedStandard $practised): array
    {
        $shown = StandardisingSet::query()->with('entries')->whereRelation('entries', 'kind', StandardisingStep::Shown)->where('document->standard->key', $practised->key)->orderBy('made_at')->get()->filter(static fn(StandardisingSet $it): bool => $it->isShown());

        return array_merge([], ...array_values($shown->map(static fn(StandardisingSet $it): array => self::in($it, $practised))->all()));
    }

    /** @return list<Pictured> */
    private static function in(StandardisingSet $set, PractisedStandard $practised): array
    {
        $document = Node::of($set->document, 'set');
        $now = self::levels(Node::of($practised->document, 'standard'));
        $photos = [];
        foreach ($document->itemsOf('trays') as $tray) {
            $photos[$tray->at('label')->text()] = array_map(static fn(Node $it): string => $it->text(), $tray->itemsOf('photos'));
        }
        $pictured = [];
        foreach ($set->entries->where('kind', StandardisingStep::Reference) as $entry) {
            [$tray, $criterion, $because] = [self::said($entry, 'tray'), self::said($entry, 'criterion'), self::said($entry, 'reason')];
            // What was agreed of other steps says nothing of these.
            if (($photos[$tray] ?? []) !== [] && isset($now[$criterion]) && $now[$criterion] === (self::levels($document->at('standard'))[$criterion] ?? null)) {
                $pictured["$tray $criterion"] = new Pictured("$set->id $tray $criterion", $photos[$tray], $criterion, $entry->level(), $because);
            }
        }

        return array_values($pictured);
    }

    private static function said(StandardisingEntry $entry, string $key): string
    {
        $said = $entry->payload->{$key} ?? null;

        return is_string($said) ? $said : '';
    }

    /** @return array<string, string> what the steps of each criterion say, by its id */
    private static function levels(Node $standard): array
    {
        $levels = [];
        foreach ($standard->itemsOf('criteria') as $it) {
            $levels[$it->at('id')->text()] = implode("\n", array_map(static fn(Node $level): string => $level->at('text')->text(), $it->at('levels')->items()));
        }

        return $levels;
    }
}
