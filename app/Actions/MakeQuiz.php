<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Carcass\Joint;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Quiz\Quiz;
use DeftBlade\Core\Quiz\QuizQuestion;
use DeftBlade\Core\Quiz\Schedule;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** Questions about a standard as it is held at the school, in its words. */
final readonly class MakeQuiz
{
    private const A_ROUND = 10;

    public function __construct(private School $school, private ShippedDocuments $shipped, private ReadPractice $practice, private ReadProgress $progress, private FindPictures $pictures) {}

    /** @return list<QuizQuestion> the same for the same round, whoever asks */
    public function make(PublishedStandard $published, string $round): array
    {
        return $this->quizOf($this->practice->standard($published))->questions(self::A_ROUND, "$published->id $round");
    }

    /**
     * What a person should be asked today: what is due again first. What they answer today changes nothing of it before tomorrow.
     *
     * @param int $round of today, from 1
     *
     * @return list<QuizQuestion>
     */
    public function due(PublishedStandard $published, User $user, int $round): array
    {
        $practised = $this->practice->standard($published);
        $today = $this->practice->today();
        $quiz = $this->quizOf($practised);
        $answers = $this->practice->answersOf($user, $today)[$published->key] ?? [];
        $subjects = Schedule::of($answers)->inOrder($quiz->subjects("$published->id $user->id"), $this->progress->of($user, $practised)->pointsByAbout(), $today);
        $ofRound = array_slice($subjects, ($round - 1) * self::A_ROUND, self::A_ROUND);

        return $quiz->ask($ofRound === [] ? array_slice($subjects, 0, self::A_ROUND) : $ofRound, "$published->id $user->id $today $round");
    }

    private function quizOf(PractisedStandard $practised): Quiz
    {
        $standard = $practised->standard;
        $say = $this->school->vocabulary()->say(...);
        $plan = $this->shipped->planOf($standard->carcass);

        return Quiz::of(
            $standard,
            Node::of($practised->document, 'standard'),
            $this->shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown(),
            $this->shipped->receiving($standard->species)->said($say),
            $this->shipped->mise($standard->species)->said($say),
            $this->pictures->of($practised),
            array_map(Joint::read(...), $plan === null ? [] : Node::of($this->school->said($plan), 'plan')->itemsOf('joints')),
        );
    }
}
