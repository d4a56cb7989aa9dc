<?php

declare(strict_types=1);

namespace DeftBlade\Core\House;

use DeftBlade\Core\Json\Node;

/** What a school changes, in words, whatever the standard. */
final readonly class SchoolEffects
{
    public function __construct(private Node $changes) {}

    /** @return list<string> nothing where the school leaves a standard as it is written */
    public function inWords(): array
    {
        return [
            ...$this->changes->has('frame') ? ['Frame: nothing is scraped or weighed.'] : [],
            ...$this->each('faults', 'add', static fn(Node $it): string => 'Fault, one more: '.lcfirst($it->at('title')->text()).'.'),
            ...$this->each('faults', 'remove', static fn(Node $it): string => 'Fault no longer: '.self::spelled($it->text()).'.'),
            ...$this->each('criteria', 'remove', static fn(Node $it): string => 'Criterion no longer: '.self::spelled($it->text()).'.'),
            ...$this->each('criteria', 'replace', static fn(Node $it): string => 'Criterion judged as: '.lcfirst($it->at('title')->text()).'.'),
            ...$this->swaps(),
            ...$this->card(),
            ...$this->pairs('uses', static fn(string $place, Node $use): string => ucfirst($place).': '.lcfirst($use->text()).'.'),
            ...$this->pairs('uses_suffix', static fn(string $place, Node $use): string => ucfirst($place).': '.$use->text().'.'),
            ...$this->pairs('bins', static fn(string $place, Node $bin): string => ucfirst($place).($bin->at('usable')->boolean() ? ' counts as usable.' : ' counts as waste.')),
        ];
    }

    /**
     * @param callable(Node): string $say
     *
     * @return list<string>
     */
    private function each(string $what, string $how, callable $say): array
    {
        return $this->changes->has($what) ? array_map($say, $this->changes->at($what)->itemsOf($how)) : [];
    }

    /**
     * @param callable(string, Node): string $say
     *
     * @return list<string>
     */
    private function pairs(string $what, callable $say): array
    {
        $keys = $this->changes->has($what) ? array_map(strval(...), array_keys(get_object_vars($this->changes->at($what)->document()))) : [];

        return array_map(fn(string $key): string => $say($key, $this->changes->at($what)->at($key)), $keys);
    }

    /** @return list<string> */
    private function swaps(): array
    {
        $swap = $this->changes->has('criteria') && $this->changes->at('criteria')->has('swap') ? $this->changes->at('criteria')->at('swap') : null;

        return $swap === null ? [] : array_map(
            static fn(string $id): string => 'Criterion '.self::spelled($id).' becomes: '.lcfirst($swap->at($id)->at('title')->text()).'.',
            array_map(strval(...), array_keys(get_object_vars($swap->document()))),
        );
    }

    /** @return list<string> */
    private function card(): array
    {
        if (! $this->changes->has('card')) {
            return [];
        }
        $card = $this->changes->at('card');
        $done = static fn(Node $step): string => 'Card: '.lcfirst($step->at('do')->text());

        return [
            ...$card->has('lead') ? ["Card: the step of the {$card->at('lead')->text()} comes first."] : [],
            ...$card->has('remove') ? ["Card without: {$card->at('remove')->text()}."] : [],
            ...$card->has('replace') ? [$done($card->at('replace')->at('step'))] : [],
            ...$card->has('hand') ? ["Card, hand: {$card->at('hand')->at('says')->text()}"] : [],
            ...array_map($done, [...$card->has('before') ? $card->at('before')->at('steps')->items() : [], ...$card->itemsOf('first'), ...$card->itemsOf('last')]),
        ];
    }

    private static function spelled(string $id): string
    {
        return str_replace('-', ' ', $id);
    }
}
