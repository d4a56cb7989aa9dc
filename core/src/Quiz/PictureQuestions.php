<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Evidence;
use DeftBlade\Core\Standard\Level;
use DeftBlade\Core\Standard\Standard;
use Random\Randomizer;

/** Which step of a criterion does this tray meet? Asked of what a photograph shows, and answered with what was agreed of that tray. */
final readonly class PictureQuestions implements QuestionMaker
{
    /** @var array<string, Pictured> by id */
    private array $pictured;

    /** @param list<Pictured> $pictured */
    public function __construct(private Standard $standard, array $pictured)
    {
        $this->pictured = array_column(array_map(static fn(Pictured $it): array => [$it->id, $it], $pictured), 1, 0);
    }

    public function subjects(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->pictured, $this->canBeAsked(...))));
    }

    public function ask(string $about, Randomizer $random): QuizQuestion
    {
        $pictured = $this->pictured[$about];
        $texts = $this->textsOf($pictured->criterion);

        return QuizQuestion::ofOptions(
            QuizKind::Picture,
            $about,
            Message::of(MessageCode::QuizPicture, ['title' => $this->standard->criteria[$pictured->criterion]->title]),
            array_map(static fn(string $it): Message => Message::of(MessageCode::QuizText, ['title' => $it]), $texts),
            $pictured->level,
            Message::of(MessageCode::QuizPictureWhy, ['step' => $pictured->level + 1, 'steps' => count($texts), 'after' => $pictured->because]),
            $pictured->pictures,
        );
    }

    /** A photograph shows it, it still has that step, and no two of its steps read alike. */
    private function canBeAsked(Pictured $it): bool
    {
        $criterion = $this->standard->criteria[$it->criterion] ?? null;
        $texts = $criterion === null ? [] : $this->textsOf($it->criterion);

        return $it->pictures !== [] && $criterion?->evidence() === Evidence::Photograph && isset($texts[$it->level]) && count($texts) >= Choice::LEAST && array_unique($texts) === $texts;
    }

    /** @return list<string> lowest first */
    private function textsOf(string $criterion): array
    {
        return array_map(static fn(Level $it): string => $it->text, $this->standard->criteria[$criterion]->levels);
    }
}
