<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;
use Random\Randomizer;

/** Which of these belongs to this piece? The wrong ones are parts that lie elsewhere and are called nothing like its own. */
final readonly class PieceQuestions implements QuestionMaker
{
    public function __construct(private Standard $standard) {}

    public function subjects(): array
    {
        $titles = array_count_values(array_map(static fn($it): string => $it->title, $this->standard->cuts->pieces));

        return array_values(array_filter(
            array_map(strval(...), array_keys($this->standard->cuts->pieces)),
            fn(string $piece): bool => $titles[$this->standard->cuts->pieces[$piece]->title] === 1 && $this->partsOf($piece) !== [] && Choice::isPossible($this->partsOf($piece)[0], $this->elsewhere($piece)),
        ));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $own = $this->partsOf($about);
        $right = $own[$random->getInt(0, count($own) - 1)];
        $choice = Choice::of($right, $this->elsewhere($about), $random);
        $title = $this->standard->cuts->pieces[$about]->title;

        return QuizQuestion::ofOptions(QuizKind::Holds, $about, Message::of(MessageCode::QuizHolds, ['title' => $title]), $choice->options, $choice->right, Message::of(MessageCode::QuizGoesWhy, ['title' => $right, 'after' => $title]));
    }

    /** @return list<string> titles of its parts */
    private function partsOf(string $piece): array
    {
        return array_map(fn(string $part): string => $this->standard->carcass->parts[$part]->title, $this->standard->cuts->pieces[$piece]->parts);
    }

    /** @return list<string> titles of parts that are in no way its own */
    private function elsewhere(string $piece): array
    {
        return array_values(array_diff(array_map(static fn($part): string => $part->title, $this->standard->carcass->parts), $this->partsOf($piece)));
    }
}
