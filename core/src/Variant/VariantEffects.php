<?php

declare(strict_types=1);

namespace DeftBlade\Core\Variant;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** What a variant changes, whatever the standard, as messages. */
final readonly class VariantEffects
{
    public function __construct(private Node $changes) {}

    /** @return list<Message> nothing where the variant leaves a standard as it is written */
    public function messages(): array
    {
        return [
            ...$this->changes->has('frame') ? [Message::of(MessageCode::EffectNoScrape)] : [],
            ...$this->titles('faults', 'add', MessageCode::EffectFaultAdded),
            ...$this->ids('faults', MessageCode::EffectFaultGone),
            ...$this->ids('criteria', MessageCode::EffectCriterionGone),
            ...$this->titles('criteria', 'replace', MessageCode::EffectCriterionJudgedAs),
            ...$this->swaps(),
            ...$this->card(),
            ...$this->pairs('uses', static fn(string $place, Node $use): Message => Message::of(MessageCode::EffectUse, ['place' => $place, 'title' => $use->text()])),
            ...$this->pairs('uses_suffix', static fn(string $place, Node $use): Message => Message::of(MessageCode::EffectUse, ['place' => $place, 'title' => $use->text()])),
            ...$this->pairs('bins', static fn(string $place, Node $bin): Message => Message::of($bin->at('usable')->boolean() ? MessageCode::EffectUsable : MessageCode::EffectWaste, ['place' => $place])),
        ];
    }

    /** @return list<Message> */
    private function titles(string $what, string $how, MessageCode $code): array
    {
        $items = $this->changes->has($what) ? $this->changes->at($what)->itemsOf($how) : [];

        return array_map(static fn(Node $it): Message => Message::of($code, ['title' => $it->at('title')->text()]), $items);
    }

    /** @return list<Message> */
    private function ids(string $what, MessageCode $code): array
    {
        $items = $this->changes->has($what) ? $this->changes->at($what)->itemsOf('remove') : [];

        return array_map(static fn(Node $it): Message => Message::of($code, ['title' => self::spelled($it->text())]), $items);
    }

    /**
     * @param callable(string, Node): Message $say
     *
     * @return list<Message>
     */
    private function pairs(string $what, callable $say): array
    {
        $keys = $this->changes->has($what) ? array_map(strval(...), array_keys(get_object_vars($this->changes->at($what)->document()))) : [];

        return array_map(fn(string $key): Message => $say($key, $this->changes->at($what)->at($key)), $keys);
    }

    /** @return list<Message> */
    private function swaps(): array
    {
        $swap = $this->changes->has('criteria') && $this->changes->at('criteria')->has('swap') ? $this->changes->at('criteria')->at('swap') : null;

        return $swap === null ? [] : array_map(
            static fn(string $id): Message => Message::of(MessageCode::EffectCriterionSwapped, ['before' => self::spelled($id), 'title' => $swap->at($id)->at('title')->text()]),
            array_map(strval(...), array_keys(get_object_vars($swap->document()))),
        );
    }

    /** @return list<Message> */
    private function card(): array
    {
        if (! $this->changes->has('card')) {
            return [];
        }
        $card = $this->changes->at('card');
        $done = static fn(Node $step): Message => Message::of(MessageCode::EffectStep, ['title' => $step->at('do')->text()]);

        return [
            ...$card->has('lead') ? [Message::of(MessageCode::EffectStepFirst, ['title' => $card->at('lead')->text()])] : [],
            ...$card->has('remove') ? [Message::of(MessageCode::EffectStepGone, ['title' => $card->at('remove')->text()])] : [],
            ...$card->has('replace') ? [$done($card->at('replace')->at('step'))] : [],
            ...$card->has('hand') ? [Message::of(MessageCode::EffectHand, ['title' => $card->at('hand')->at('says')->text()])] : [],
            ...array_map($done, [...$card->has('before') ? $card->at('before')->at('steps')->items() : [], ...$card->itemsOf('first'), ...$card->itemsOf('last')]),
        ];
    }

    private static function spelled(string $id): string
    {
        return str_replace('-', ' ', $id);
    }
}
