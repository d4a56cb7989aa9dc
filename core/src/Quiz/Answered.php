<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Json\Node;

/** An answer that was given to a question. */
final readonly class Answered
{
    /** @param int $day since 1970, at the school */
    public function __construct(public Subject $subject, public HowAnswered $how, public int $day) {}

    /**
     * @param Node $fact what was asked, about what, and how it was answered
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage
     */
    public static function read(Node $fact, int $day): self
    {
        $fact->keys(['question', 'about', 'how']);

        return new self(new Subject($fact->at('question')->oneOf(QuizKind::class), $fact->at('about')->identifier()), $fact->at('how')->oneOf(HowAnswered::class), $day);
    }
}
