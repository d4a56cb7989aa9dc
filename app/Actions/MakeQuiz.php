<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Quiz\Quiz;
use DeftBlade\Core\Quiz\QuizQuestion;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;

/** Questions about a standard as it is held at the school, in its words. */
final readonly class MakeQuiz
{
    private const A_ROUND = 10;

    public function __construct(private School $school, private ShippedDocuments $shipped) {}

    /** @return list<QuizQuestion> the same for the same round */
    public function make(PublishedStandard $published, string $round): array
    {
        $node = Node::of($this->school->said($this->school->held($published->document)), 'standard');
        $standard = Standard::read($node);

        return Quiz::of($standard, $node, $this->shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown())->questions(self::A_ROUND, "$published->id $round");
    }
}
