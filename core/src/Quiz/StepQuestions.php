<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Random\Randomizer;

/** What comes next on the method card, or what usually goes wrong there. What the card says twice is not asked about. */
final readonly class StepQuestions implements QuestionMaker
{
    /** @param list<array{do: string, fault: string}> $steps */
    private function __construct(private QuizKind $kind, private array $steps) {}

    /** @param list<Node> $card */
    public static function next(array $card): self
    {
        return new self(QuizKind::Next, self::read($card));
    }

    /** @param list<Node> $card */
    public static function fault(array $card): self
    {
        return new self(QuizKind::Fault, self::read($card));
    }

    public function subjects(): array
    {
        $asked = array_count_values(array_column($this->steps, 'do'));
        $answered = array_count_values($this->answers());

        $isFair = fn(int $at): bool => $asked[$this->steps[$at]['do']] === 1 && $answered[$this->answers()[$at]] === 1 && Choice::isPossible($this->answers()[$at], $this->wrong($at));

        return array_map(strval(...), array_values(array_filter(array_keys($this->answers()), $isFair)));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $step = $this->steps[(int) $about]['do'];
        $right = $this->answers()[(int) $about];
        $choice = Choice::of($right, $this->wrong((int) $about), $random);
        [$ask, $why] = $this->kind === QuizKind::Next ? [MessageCode::QuizNext, MessageCode::QuizNextWhy] : [MessageCode::QuizFault, MessageCode::QuizFaultWhy];

        return QuizQuestion::ofOptions($this->kind, $about, Message::of($ask, ['title' => $step]), $choice->options, $choice->right, Message::of($why, ['before' => $step, 'after' => $right]));
    }

    /** @return array<int, string> by step */
    private function answers(): array
    {
        return $this->kind === QuizKind::Fault ? array_column($this->steps, 'fault') : array_column(array_slice($this->steps, 1), 'do');
    }

    /** @return list<string> */
    private function wrong(int $at): array
    {
        // The step itself is no answer to what comes after it.
        return array_values(array_diff(array_column($this->steps, $this->kind === QuizKind::Fault ? 'fault' : 'do'), [$this->answers()[$at], $this->steps[$at]['do']]));
    }

    /**
     * @param list<Node> $card
     *
     * @return list<array{do: string, fault: string}>
     */
    private static function read(array $card): array
    {
        return array_map(static fn(Node $it): array => ['do' => $it->at('do')->text(), 'fault' => $it->at('fault')->text()], $card);
    }
}
