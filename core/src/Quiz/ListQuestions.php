<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Standard\ReceivingItem;
use DeftBlade\Core\Standard\ReceivingList;
use Random\Randomizer;

/** Which item of a list of the school has what the others have not: what sends a carcass back when it arrives, or what nobody cuts without. */
final readonly class ListQuestions implements QuestionMaker
{
    /**
     * @param array<string, string>       $right texts by id
     * @param list<string>                $wrong texts
     * @param array<string, list<string>> $said  the figures of why, by id
     */
    private function __construct(private QuizKind $kind, private MessageCode $ask, private MessageCode $why, private array $right, private array $wrong, private array $said) {}

    public static function arrives(ReceivingList $list): self
    {
        [$refusing, $others] = [array_filter($list->items, static fn(ReceivingItem $it): bool => $it->refuses), array_filter($list->items, static fn(ReceivingItem $it): bool => ! $it->refuses)];
        $otherwise = static fn(ReceivingItem $it): string => $it->otherwise;

        return new self(QuizKind::Arrives, MessageCode::QuizArrives, MessageCode::QuizArrivesWhy, array_map($otherwise, $refusing), array_values(array_map($otherwise, $others)), array_map(static fn(ReceivingItem $it): array => [$it->title, $it->otherwise], $refusing));
    }

    public static function starts(MiseList $list): self
    {
        $title = static fn(MiseItem $it): string => $it->title;
        [$safety, $others] = [array_filter($list->items, static fn(MiseItem $it): bool => $it->isSafety), array_filter($list->items, static fn(MiseItem $it): bool => ! $it->isSafety)];
        $titles = array_map($title, $safety);

        return new self(QuizKind::Starts, MessageCode::QuizStarts, MessageCode::QuizStartsWhy, $titles, array_values(array_map($title, $others)), array_map(static fn(string $it): array => [$it], $titles));
    }

    public function subjects(): array
    {
        return array_values(array_filter(array_map(strval(...), array_keys($this->right)), fn(string $id): bool => ! in_array($this->right[$id], $this->wrong, true) && Choice::isPossible($this->right[$id], $this->wrong)));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $choice = Choice::of($this->right[$about], $this->wrong, $random);

        return QuizQuestion::ofOptions($this->kind, $about, Message::of($this->ask), $choice->options, $choice->right, Message::of($this->why, array_combine($this->why->figures(), $this->said[$about])));
    }
}
