<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;
use Random\Randomizer;

/** Where does this part go? Every part is in one piece or container; one that shares its name with a part elsewhere is not asked about. */
final readonly class PartQuestions implements QuestionMaker
{
    public function __construct(private Standard $standard) {}

    public function subjects(): array
    {
        $titles = array_map($this->titleOf(...), array_keys($this->holders()));
        $counted = array_count_values(array_map(fn(string $part): string => $this->standard->carcass->parts[$part]->title, array_keys($this->holders())));

        return array_values(array_filter(
            array_keys($this->holders()),
            fn(string $part): bool => $counted[$this->standard->carcass->parts[$part]->title] === 1 && Choice::isPossible($this->titleOf($part), $titles),
        ));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $part = $this->standard->carcass->parts[$about]->title;
        $right = $this->titleOf($about);
        $choice = Choice::of($right, array_map($this->titleOf(...), array_keys($this->holders())), $random);

        return QuizQuestion::ofOptions(QuizKind::Goes, $about, Message::of(MessageCode::QuizGoes, ['title' => $part]), $choice->options, $choice->right, Message::of(MessageCode::QuizGoesWhy, ['title' => $part, 'after' => $right]));
    }

    private function titleOf(string $part): string
    {
        return $this->holders()[$part]->title;
    }

    /** @return array<string, Piece|Bin> by part */
    private function holders(): array
    {
        $holders = [];
        foreach ([...$this->standard->cuts->pieces, ...$this->standard->cuts->bins] as $holder) {
            foreach ($holder->parts as $part) {
                $holders[$part] = $holder;
            }
        }

        return $holders;
    }
}
