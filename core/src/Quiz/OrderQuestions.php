<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Random\Randomizer;

/** Which of these steps of the method card is done first? One that the card says twice is neither asked about nor offered. */
final readonly class OrderQuestions implements QuestionMaker
{
    /** @var array<int, string> by step; those said once */
    private array $steps;

    /** @param list<Node> $card */
    public function __construct(array $card)
    {
        $said = array_map(static fn(Node $it): string => $it->at('do')->text(), $card);
        $times = array_count_values($said);
        $this->steps = array_filter($said, static fn(string $it): bool => $times[$it] === 1);
    }

    public function subjects(): array
    {
        return array_values(array_map(strval(...), array_filter(array_keys($this->steps), fn(int $at): bool => Choice::isPossible($this->steps[$at], $this->later($at)))));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $right = $this->steps[(int) $about];
        $choice = Choice::of($right, $this->later((int) $about), $random);

        return QuizQuestion::ofOptions(QuizKind::Order, $about, Message::of(MessageCode::QuizOrder), $choice->options, $choice->right, Message::of(MessageCode::QuizOrderWhy, ['title' => $right, 'step' => (int) $about + 1]));
    }

    /** @return list<string> */
    private function later(int $at): array
    {
        return array_values(array_filter($this->steps, static fn(int $it): bool => $it > $at, ARRAY_FILTER_USE_KEY));
    }
}
