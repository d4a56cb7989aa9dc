<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Level;
use DeftBlade\Core\Standard\Standard;
use Random\Randomizer;

/** Which step of a criterion is this? Criteria that describe two steps alike are not asked about. */
final readonly class LevelQuestions implements QuestionMaker
{
    public function __construct(private Standard $standard) {}

    public function subjects(): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($this->standard->criteria)),
            fn(string $criterion): bool => count($this->textsOf($criterion)) >= Choice::LEAST && count(array_unique($this->textsOf($criterion))) === count($this->textsOf($criterion)),
        ));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $texts = $this->textsOf($about);
        $right = $random->getInt(0, count($texts) - 1);
        $steps = array_map(static fn(int $step): Message => Message::of(MessageCode::QuizStep, ['step' => $step + 1, 'steps' => count($texts)]), array_keys($texts));

        return QuizQuestion::ofOptions(
            QuizKind::Level,
            $about,
            Message::of(MessageCode::QuizLevel, ['title' => $this->standard->criteria[$about]->title, 'after' => $texts[$right], 'steps' => count($texts)]),
            $steps,
            $right,
            Message::of(MessageCode::QuizLevelWhy, ['step' => $right + 1, 'steps' => count($texts), 'after' => $texts[$right]]),
        );
    }

    /** @return list<string> */
    private function textsOf(string $criterion): array
    {
        return array_map(static fn(Level $it): string => $it->text, $this->standard->criteria[$criterion]->levels);
    }
}
