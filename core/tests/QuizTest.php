<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Carcass\Joint;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Quiz\Pictured;
use DeftBlade\Core\Quiz\Quiz;
use DeftBlade\Core\Quiz\QuizKind;
use DeftBlade\Core\Quiz\QuizQuestion;
use DeftBlade\Core\Quiz\Subject;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Evidence;
use DeftBlade\Core\Standard\Level;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Standard\ReceivingList;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Questions are made, never written: so what makes one fair is held against the standard itself, not against the maker. */
final class QuizTest extends TestCase
{
    /** Over all standards that ship more than ten thousand. */
    private const A_STANDARD = 300;

    #[DataProvider('standards')]
    public function testExactlyOneAnswerIsRightByTheStandardItself(string $key): void
    {
        [$standard, $document, $typical] = self::read($key);
        foreach (self::quizOf($key)->questions(self::A_STANDARD, $key) as $question) {
            $said = self::texts($question);
            self::assertSame(array_unique($said), $said, "two options read alike: {$question->ask}");
            match ($question->kind) {
                QuizKind::Goes => self::assertGoes($standard, $question, $said),
                QuizKind::Holds => self::assertHolds($standard, $question, $said),
                QuizKind::Next, QuizKind::Fault => self::assertOnCard($document, $question, $said),
                QuizKind::Level => self::assertSame([$question->right], array_keys(array_filter($standard->criteria[$question->about]->levels, static fn($it): bool => $it->text === $question->ask->figures['after']))),
                QuizKind::Estimate => self::assertWanted($standard, $question, $typical),
                QuizKind::Odd => self::assertOneIsOdd($standard, $question),
                QuizKind::Order => self::assertFirst($document, $question, $said),
                QuizKind::Cut => self::assertCut($standard, $question),
                QuizKind::Picture, QuizKind::Drill => self::fail('nothing is pictured here, and a drill is no question'),
                QuizKind::Arrives, QuizKind::Starts => self::assertOnList($standard->species, $question, $said),
            };
        }
    }

    #[DataProvider('standards')]
    public function testEveryQuestionCanBeSaid(string $key): void
    {
        [$standard] = self::read($key);
        $sentences = Sentences::plain($standard);
        foreach (self::quizOf($key)->questions(20, 'said') as $question) {
            foreach ([$question->ask, $question->why, ...$question->options] as $message) {
                self::assertDoesNotMatchRegularExpression('/[{}]|^\s*$/', $sentences->say($message));
            }
        }
    }

    /** A question that is answered with what comes next must not ask what goes wrong. */
    #[DataProvider('standards')]
    public function testEachKindIsAskedAndExplainedInItsOwnWords(string $key): void
    {
        foreach (self::quizOf($key)->questions(60, 'words') as $question) {
            [$asks, $explains] = match ($question->kind) {
                QuizKind::Goes => [MessageCode::QuizGoes, [MessageCode::QuizGoesWhy]],
                QuizKind::Holds => [MessageCode::QuizHolds, [MessageCode::QuizGoesWhy]],
                QuizKind::Next => [MessageCode::QuizNext, [MessageCode::QuizNextWhy]],
                QuizKind::Fault => [MessageCode::QuizFault, [MessageCode::QuizFaultWhy]],
                QuizKind::Level => [MessageCode::QuizLevel, [MessageCode::QuizLevelWhy]],
                QuizKind::Estimate => [MessageCode::QuizEstimate, [MessageCode::QuizEstimateWhy]],
                QuizKind::Odd => [MessageCode::QuizOdd, [MessageCode::QuizEstimateWhy]],
                QuizKind::Order => [MessageCode::QuizOrder, [MessageCode::QuizOrderWhy]],
                QuizKind::Cut => [MessageCode::QuizCut, [MessageCode::QuizCutWhy, MessageCode::QuizWholeWhy]],
                QuizKind::Arrives => [MessageCode::QuizArrives, [MessageCode::QuizArrivesWhy]],
                QuizKind::Starts => [MessageCode::QuizStarts, [MessageCode::QuizStartsWhy]],
                QuizKind::Picture, QuizKind::Drill => self::fail('nothing is pictured here, and a drill is no question'),
            };
            self::assertSame($asks, $question->ask->code);
            self::assertContains($question->why->code, $explains);
        }
    }

    /** What was agreed of a tray is asked where a photograph shows it, and answered with a step as the standard says it. */
    public function testATrayInAPhotographIsAskedAbout(): void
    {
        [$standard, $document, $typical] = self::read('chicken-skewer-set');
        $shows = array_filter($standard->criteria, static fn(Criterion $it): bool => $it->evidence() === Evidence::Photograph);
        $other = array_diff_key($standard->criteria, $shows);
        self::assertNotSame([], $shows);
        self::assertNotSame([], $other);
        $pictured = [];
        foreach ($standard->criteria as $id => $criterion) {
            $pictured[] = new Pictured("set A $id", [str_repeat('a', 64)], $id, count($criterion->levels) - 1, 'As the descriptor says');
        }
        $first = array_key_first($shows);
        $pictured[] = new Pictured('set B', [], $first, 0, 'No photograph');
        $pictured[] = new Pictured('set C', [str_repeat('c', 64)], 'gone', 0, 'A criterion that is no longer judged');
        $pictured[] = new Pictured('set D', [str_repeat('d', 64)], $first, 99, 'A step that is no longer there');
        $quiz = Quiz::of($standard, $document, $typical, self::nothing(), self::mise(), $pictured);
        $subjects = array_values(array_filter($quiz->subjects('x'), static fn(Subject $it): bool => $it->kind === QuizKind::Picture));
        $about = array_map(static fn(Subject $it): string => $it->about, $subjects);
        sort($about);
        $wanted = array_map(static fn(string $id): string => "set A $id", array_keys($shows));
        sort($wanted);
        self::assertSame($wanted, $about);
        foreach ($quiz->ask($subjects, 'x') as $question) {
            $criterion = $standard->criteria[substr($question->about, strlen('set A '))];
            self::assertSame(array_map(static fn(Level $it): string => $it->text, $criterion->levels), self::texts($question));
            self::assertSame([count($criterion->levels) - 1, [str_repeat('a', 64)]], [$question->right, $question->pictures]);
        }
    }

    public function testTheSameSeedAsksTheSameAndAnotherAsksOtherwise(): void
    {
        $quiz = self::quizOf('chicken-eight-piece');
        self::assertEquals($quiz->questions(20, 'monday'), $quiz->questions(20, 'monday'));
        self::assertNotEquals($quiz->questions(20, 'monday'), $quiz->questions(20, 'tuesday'));
        // A longer round begins like a shorter one.
        self::assertEquals($quiz->questions(5, 'monday'), array_slice($quiz->questions(20, 'monday'), 0, 5));
    }

    public function testKindsTakeTurnsAndNothingIsAskedTwiceWhileThereIsSomethingElse(): void
    {
        $questions = self::quizOf('chicken-eight-piece')->questions(21, 'turns');
        self::assertSame(array_map(static fn(QuizKind $it): string => $it->value, [QuizKind::Goes, QuizKind::Cut, QuizKind::Next, QuizKind::Estimate, QuizKind::Level, QuizKind::Holds, QuizKind::Fault, QuizKind::Odd, QuizKind::Order, QuizKind::Arrives, QuizKind::Starts]), array_map(static fn(QuizQuestion $it): string => $it->kind->value, array_slice($questions, 0, 11)));
        $asked = array_map(static fn(QuizQuestion $it): string => "{$it->kind->value} $it->about", $questions);
        self::assertSame(array_unique($asked), $asked);
    }

    /** A carcass of the school's own: two parts of one name lie in two places, two steps of a criterion read alike, and the card says one thing twice. */
    public function testWhatWouldHaveTwoAnswersIsNotAsked(): void
    {
        $document = (object) [
            'key' => 'own', 'title' => 'Rabbit, two ways', 'frame' => null, 'time' => null,
            'carcass' => (object) ['key' => 'rabbit', 'title' => 'Rabbit', 'parts' => [
                (object) ['id' => 'saddle.left', 'title' => 'Saddle', 'share' => 0.3], (object) ['id' => 'saddle.right', 'title' => 'Saddle', 'share' => 0.3],
                (object) ['id' => 'leg', 'title' => 'Legs', 'share' => 0.3], (object) ['id' => 'bone', 'title' => 'Bones', 'share' => 0.1, 'kind' => 'bone'],
            ]],
            'pieces' => [(object) ['id' => 'one', 'title' => 'For roasting', 'parts' => ['saddle.left', 'leg']], (object) ['id' => 'two', 'title' => 'For mincing', 'parts' => ['saddle.right']]],
            'bins' => [(object) ['id' => 'stock', 'title' => 'Stock', 'usable' => true, 'parts' => ['bone']]],
            'criteria' => [(object) ['id' => 'clean', 'component' => 'technique', 'weight' => 1, 'levels' => [(object) ['points' => 0, 'text' => 'Torn.'], (object) ['points' => 1, 'text' => 'Torn.']]]],
            'card' => array_map(static fn(string $do): object => (object) ['do' => $do, 'look' => 'Look.', 'hand' => 'Hand.', 'fault' => 'The same.'], ['Open it.', 'Turn it.', 'Open it.', 'Close it.']),
        ];
        $node = Node::of($document, 'standard');
        $questions = Quiz::of(Standard::read($node), $node, TypicalMass::unknown(), self::nothing(), self::mise())->questions(60, 'own');
        self::assertCount(60, $questions);
        foreach ($questions as $question) {
            self::assertNotContains([$question->kind, $question->about], [[QuizKind::Goes, 'saddle.left'], [QuizKind::Goes, 'saddle.right'], [QuizKind::Next, '0'], [QuizKind::Next, '2']]);
            self::assertNotContains($question->kind, [QuizKind::Level, QuizKind::Fault]);
        }
        // What is its own under another side's name is no wrong answer.
        foreach (array_filter($questions, static fn(QuizQuestion $it): bool => $it->kind === QuizKind::Holds && $it->about === 'two') as $question) {
            self::assertSame('Saddle', self::texts($question)[$question->right]);
        }
    }

    /** What is asked anew by its subject is the question of that subject, and nothing else. */
    public function testEverySubjectIsAskedByItself(): void
    {
        $quiz = self::quizOf('salmon-fillets-ribs-trimmed');
        $subjects = $quiz->subjects('monday');
        $keys = array_map(static fn(Subject $it): string => $it->key(), $subjects);
        self::assertSame(array_unique($keys), $keys);
        self::assertNotSame($keys, array_map(static fn(Subject $it): string => $it->key(), $quiz->subjects('tuesday')));
        self::assertSame($keys, array_map(static fn(QuizQuestion $it): string => (new Subject($it->kind, $it->about))->key(), $quiz->ask($subjects, 'again')));
        $round = array_map(static fn(QuizQuestion $it): string => "{$it->kind->value} $it->about", $quiz->questions(count($subjects), 'monday'));
        self::assertSame([], array_diff($round, $keys));
    }

    public function testAStandardWithNothingToAskAboutAsksNothing(): void
    {
        $document = (object) ['key' => 'whole', 'frame' => null, 'time' => null, 'carcass' => (object) ['key' => 'egg', 'parts' => [(object) ['id' => 'egg', 'share' => 1.0]]], 'pieces' => [(object) ['id' => 'egg', 'parts' => ['egg']]]];
        $node = Node::of($document, 'standard');
        $kinds = array_map(static fn(QuizQuestion $it): QuizKind => $it->kind, Quiz::of(Standard::read($node), $node, TypicalMass::unknown(), self::nothing(), self::mise())->questions(10, 'egg'));
        self::assertSame([QuizKind::Estimate], array_values(array_unique($kinds, SORT_REGULAR)));
    }

    /** @return iterable<string, array{string}> */
    public static function standards(): iterable
    {
        foreach ((new ShippedDocuments())->keys() as $key) {
            yield $key => [$key];
        }
    }

    /** @param list<string> $said */
    private static function assertGoes(Standard $standard, QuizQuestion $question, array $said): void
    {
        $holding = array_filter([...$standard->cuts->pieces, ...$standard->cuts->bins], static fn($it): bool => in_array($question->about, $it->parts, true));
        self::assertSame([$said[$question->right]], array_values(array_map(static fn($it): string => $it->title, $holding)));
    }

    /** By the joints of the plan itself: on every side the parts that meet there are in two places, or on every side in one. */
    private static function assertCut(Standard $standard, QuizQuestion $question): void
    {
        $isCut = [];
        foreach (self::joints($standard) as $joint) {
            foreach ($joint->title === $question->about ? $joint->pairs($standard->carcass) : [] as $pair) {
                $places = array_filter([...$standard->cuts->pieces, ...$standard->cuts->bins], static fn($it): bool => array_intersect($pair, $it->parts) !== []);
                $isCut[] = count($places) === 2;
            }
        }
        self::assertSame([$question->right === 0], array_values(array_unique($isCut)));
        self::assertSame([], array_diff($question->parts, array_keys($standard->carcass->parts)));
    }

    /** @return list<Joint> */
    private static function joints(Standard $standard): array
    {
        $plan = (new ShippedDocuments())->planOf($standard->carcass);

        return array_map(Joint::read(...), $plan === null ? [] : Node::of($plan, 'plan')->itemsOf('joints'));
    }

    /** @param list<string> $said */
    private static function assertHolds(Standard $standard, QuizQuestion $question, array $said): void
    {
        $own = array_map(static fn(string $part): string => $standard->carcass->parts[$part]->title, $standard->cuts->pieces[$question->about]->parts);
        self::assertSame([$question->right], array_keys(array_intersect($said, $own)));
    }

    /** @param list<string> $said */
    private static function assertOnCard(Node $document, QuizQuestion $question, array $said): void
    {
        $card = $document->itemsOf('card');
        $right = $question->kind === QuizKind::Fault ? $card[(int) $question->about]->at('fault')->text() : $card[(int) $question->about + 1]->at('do')->text();
        self::assertSame([$question->right], array_keys(array_filter($said, static fn(string $it): bool => $it === $right)));
        self::assertNotContains($card[(int) $question->about]->at('do')->text(), $said);
    }

    /** @param list<string> $said */
    private static function assertFirst(Node $document, QuizQuestion $question, array $said): void
    {
        $card = array_map(static fn(Node $it): string => $it->at('do')->text(), $document->itemsOf('card'));
        $places = array_map(static fn(string $it): array => array_keys($card, $it, true), $said);
        self::assertSame([1], array_values(array_unique(array_map(count(...), $places))));
        self::assertSame($question->right, array_search(min(array_column($places, 0)), array_column($places, 0), true));
    }

    /** @param list<string> $said */
    private static function assertOnList(string $species, QuizQuestion $question, array $said): void
    {
        $shipped = new ShippedDocuments();
        $decides = $question->kind === QuizKind::Arrives
            ? array_column(array_map(static fn($it): array => [$it->otherwise, $it->refuses], $shipped->receiving($species)->items), 1, 0)
            : array_column(array_map(static fn($it): array => [$it->title, $it->isSafety], $shipped->mise($species)->items), 1, 0);
        self::assertSame([$question->right], array_keys(array_filter($said, static fn(string $it): bool => $decides[$it])));
    }

    private static function assertWanted(Standard $standard, QuizQuestion $question, TypicalMass $typical): void
    {
        $asPurchased = (int) $question->ask->figures['as_purchased_mg'];
        self::assertGreaterThanOrEqual($typical->low->mg, $asPurchased);
        self::assertLessThanOrEqual($typical->high->mg, $asPurchased);
        $window = $standard->cuts->pieces[$question->about]->window;
        $scale = $window->basis === WindowBasis::Mass ? 1 : $asPurchased;
        self::assertNotNull($question->mass);
        self::assertGreaterThanOrEqual($window->low * $scale - 0.5, $question->mass->low->mg);
        self::assertLessThanOrEqual($window->high * $scale + 0.5, $question->mass->high->mg);
        self::assertSame(0, $question->mass->distanceMg($question->mass->expected));
        self::assertSame(3_000, $question->mass->distanceMg(Mass::ofMilligrams($question->mass->high->mg + 3_000)));
        self::assertSame(1_000, $question->mass->distanceMg(Mass::ofMilligrams($question->mass->low->mg - 1_000)));
    }

    private static function assertOneIsOdd(Standard $standard, QuizQuestion $question): void
    {
        $asPurchased = (int) $question->ask->figures['as_purchased_mg'];
        $outside = array_filter($question->options, static function (Message $it) use ($standard, $asPurchased): bool {
            foreach ($standard->cuts->pieces as $piece) {
                $scale = $piece->window->basis === WindowBasis::Mass ? 1 : $asPurchased;
                if ($piece->title === $it->figures['title']) {
                    return $it->figures['mass_mg'] < $piece->window->low * $scale || $it->figures['mass_mg'] > $piece->window->high * $scale;
                }
            }
            self::fail("no piece is called {$it->figures['title']}");
        });
        self::assertSame([$question->right], array_keys($outside));
    }

    /** @return list<string> */
    private static function texts(QuizQuestion $question): array
    {
        $plain = Sentences::plain(null);

        return array_map(static fn(Message $it): string => is_string($it->figures['title'] ?? null) && count($it->figures) === 1 ? $it->figures['title'] : $plain->say($it), $question->options);
    }

    private static function quizOf(string $key): Quiz
    {
        $shipped = new ShippedDocuments();
        [$standard, $document, $typical] = self::read($key);

        return Quiz::of($standard, $document, $typical, $shipped->receiving($standard->species), $shipped->mise($standard->species), [], self::joints($standard));
    }

    private static function nothing(): ReceivingList
    {
        return ReceivingList::read(Node::of(new \stdClass()), null);
    }

    private static function mise(): MiseList
    {
        return MiseList::read(Node::of((object) ['items' => []]), null);
    }

    /** @return array{Standard, Node, TypicalMass} */
    private static function read(string $key): array
    {
        $shipped = new ShippedDocuments();
        $node = Node::of($shipped->standard($key), 'standard');
        $standard = Standard::read($node);

        return [$standard, $node, $shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown()];
    }
}
