<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use DeftBlade\Core\Carcass\Joint;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Standard\ReceivingList;
use DeftBlade\Core\Standard\Standard;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Questions made from a standard: none is written by hand, and what a standard says decides every answer. The same seed makes the same questions. */
final readonly class Quiz
{
    /** @param array<string, QuestionMaker> $makers by kind, those that have something to ask about */
    private function __construct(private array $makers) {}

    /**
     * @param Node           $document  of the standard, for its method card
     * @param ReceivingList  $receiving of its species
     * @param MiseList       $mise      likewise
     * @param list<Pictured> $pictured  trays in photographs that may be shown
     * @param list<Joint>    $joints    of its carcass
     */
    public static function of(Standard $standard, Node $document, TypicalMass $typical, ReceivingList $receiving, MiseList $mise, array $pictured = [], array $joints = []): self
    {
        $card = $document->itemsOf('card');
        $makers = [
            QuizKind::Goes->value => new PartQuestions($standard),
            QuizKind::Cut->value => new JointQuestions($standard, $joints),
            QuizKind::Next->value => StepQuestions::next($card),
            QuizKind::Estimate->value => WeightQuestions::estimate($standard, $typical),
            QuizKind::Level->value => new LevelQuestions($standard),
            QuizKind::Picture->value => new PictureQuestions($standard, $pictured),
            QuizKind::Holds->value => new PieceQuestions($standard),
            QuizKind::Fault->value => StepQuestions::fault($card),
            QuizKind::Odd->value => WeightQuestions::odd($standard, $typical),
            QuizKind::Order->value => new OrderQuestions($card),
            QuizKind::Arrives->value => ListQuestions::arrives($receiving),
            QuizKind::Starts->value => ListQuestions::starts($mise),
        ];

        return new self(array_filter($makers, static fn(QuestionMaker $it): bool => $it->subjects() !== []));
    }

    /**
     * One of each kind in turn, and nothing asked about twice while there is something else of its kind.
     *
     * @return list<QuizQuestion> fewer than asked for only where the standard gives nothing to ask about
     */
    public function questions(int $count, string $seed): array
    {
        $random = self::seeded($seed);
        $subjects = array_map(static fn(QuestionMaker $it): array => $random->shuffleArray($it->subjects()), $this->makers);
        $questions = [];
        for ($round = 0; $this->makers !== [] && count($questions) < $count; $round++) {
            foreach ($this->makers as $kind => $maker) {
                if (count($questions) < $count) {
                    $questions[] = $maker->ask($subjects[$kind][$round % count($subjects[$kind])], $random);
                }
            }
        }

        return $questions;
    }

    /** @return list<Subject> everything that can be asked about, once, one of each kind in turn as long as there are; in the same order for the same seed */
    public function subjects(string $seed): array
    {
        $random = self::seeded($seed);
        $shuffled = array_map(static fn(QuestionMaker $it): array => $random->shuffleArray($it->subjects()), $this->makers);
        $subjects = [];
        for ($round = 0; $round < max([0, ...array_map(count(...), $shuffled)]); $round++) {
            foreach ($shuffled as $kind => $abouts) {
                array_push($subjects, ...isset($abouts[$round]) ? [new Subject(QuizKind::from($kind), $abouts[$round])] : []);
            }
        }

        return $subjects;
    }

    /**
     * @param list<Subject> $subjects of this quiz
     *
     * @return list<QuizQuestion> in the order of the subjects
     */
    public function ask(array $subjects, string $seed): array
    {
        $random = self::seeded($seed);

        return array_map(fn(Subject $it): QuizQuestion => $this->makers[$it->kind->value]->ask($it->about, $random), $subjects);
    }

    private static function seeded(string $seed): Randomizer
    {
        return new Randomizer(new Xoshiro256StarStar(hash('sha256', $seed, true)));
    }
}
