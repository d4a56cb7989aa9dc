<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;
use Random\Randomizer;

/** Where does this part go? Every part is in one piece or container; one that shares its name with a part elsewhere is not asked about. */
final readonly class PartQuestions implements QuestionMaker
{
    /** @var array<string, string> the title of what holds it, by part */
    private array $holders;

    public function __construct(private Standard $standard)
    {
        $holders = [];
        foreach ([...$standard->cuts->pieces, ...$standard->cuts->bins] as $holder) {
            $holders += array_fill_keys($holder->parts, $holder->title);
        }
        $this->holders = $holders;
    }

    public function subjects(): array
    {
        $parts = array_map(strval(...), array_keys($this->holders));
        $named = array_count_values(array_map($this->titleOf(...), $parts));

        return array_values(array_filter($parts, fn(string $part): bool => $named[$this->titleOf($part)] === 1 && Choice::isPossible($this->holders[$part], array_values($this->holders))));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $choice = Choice::of($this->holders[$about], array_values($this->holders), $random);
        $why = Message::of(MessageCode::QuizGoesWhy, ['title' => $this->titleOf($about), 'after' => $this->holders[$about]]);

        return QuizQuestion::ofOptions(QuizKind::Goes, $about, Message::of(MessageCode::QuizGoes, ['title' => $this->titleOf($about)]), $choice->options, $choice->right, $why);
    }

    private function titleOf(string $part): string
    {
        return $this->standard->carcass->parts[$part]->title;
    }
}
