<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Questions\Questions;
use DeftBlade\Core\Tests\Support\Command;
use DeftBlade\Core\Tests\Support\Distortions;
use DeftBlade\Core\Tests\Support\Refused;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The questions beside grading, asked from a shell; each has its schemas and an example in docs/formats/compute. */
final class ComputeCommandTest extends TestCase
{
    private const FORMATS = __DIR__.'/../../docs/formats/compute';

    public function testListsItsQuestions(): void
    {
        $list = Command::run(['compute'], '');
        self::assertSame([0, ''], [$list->exit, $list->err]);
        self::assertSame(array_keys(self::questions()), array_map(static fn(string $line): string => explode(' ', $line)[0], explode("\n", trim($list->out))));
    }

    public function testRefusesAQuestionItDoesNotKnow(): void
    {
        $refused = Command::run(['compute', 'weather'], '{}');
        self::assertSame([2, ''], [$refused->exit, $refused->out]);
        self::assertStringContainsString('order, queue, yield-test, stock, cooling, date-mark, agreement, items, recalibrate, control-chart, learning-curve', $refused->err);
    }

    #[DataProvider('questions')]
    public function testAnswersItsExampleAsTheSchemaSays(string $question): void
    {
        $example = self::example($question);
        self::assertTrue(self::accepts("$question.in", $example));
        $answer = Command::run(['compute', $question], json_encode($example, JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$answer->exit, $answer->err]);
        $said = json_decode($answer->out, false, 64, JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $said);
        self::assertTrue(self::accepts("$question.out", $said), $answer->out);
        $said->extra = 1;
        self::assertFalse(self::accepts("$question.out", $said));
    }

    #[DataProvider('questions')]
    public function testReaderAndSchemaAgreeOnEveryPlace(string $question): void
    {
        $computation = Questions::ALL[$question];
        $tried = 0;
        foreach (Distortions::of(self::example($question)) as $what => $document) {
            // A schema cannot say that every part is in one cut (FormatTest holds what a standard is), nor that a weight is of one.
            if (preg_match('/^standard\.|^records\.\d+\.(pieces|bins) with more$/', (string) $what) === 1) {
                continue;
            }
            $problem = Refused::orNull(static fn(): Computation => $computation::read(Node::of($document)));
            self::assertSame(self::accepts("$question.in", $document), $problem === null, "$question: $what: $problem");
            $tried++;
        }
        self::assertGreaterThan(20, $tried);
    }

    #[DataProvider('questions')]
    public function testBadInputIsOneLineWithItsPath(string $question): void
    {
        $example = self::example($question);
        $example->{"odd\nkey"} = 1;
        foreach (['{' => '$: ', json_encode($example, JSON_THROW_ON_ERROR) => 'odd key: ', '{"format":"deft-blade.assessment/1"}' => 'format: '] as $input => $path) {
            $refused = Command::run(['compute', $question], (string) $input);
            self::assertSame([2, ''], [$refused->exit, $refused->out]);
            self::assertStringStartsWith($path, $refused->err);
            self::assertSame(1, substr_count($refused->err, "\n"));
        }
    }

    /** @return array<string, array{string}> */
    public static function questions(): array
    {
        return array_map(static fn(string $name): array => [$name], array_combine(array_keys(Questions::ALL), array_keys(Questions::ALL)));
    }

    private static function example(string $question): \stdClass
    {
        $example = json_decode((string) file_get_contents(self::FORMATS."/$question.example.json"), false, 64, JSON_THROW_ON_ERROR);

        return $example instanceof \stdClass ? $example : self::fail('the example is no object');
    }

    private static function accepts(string $schema, \stdClass $document): bool
    {
        return (new Validator())->validate($document, json_decode((string) file_get_contents(self::FORMATS."/$schema.schema.json")))->isValid();
    }
}
