<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Tests\Support\Refused;
use DeftBlade\Core\Trends\OpenCarcass;
use DeftBlade\Core\Trends\OpenData;
use DeftBlade\Core\Trends\PooledCarcasses;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Weights of carcasses for other schools. */
final class OpenDataTest extends TestCase
{
    /** Whatever the classes were like: no row is of a week with fewer than five students, nothing tells whose it is, and the published schema accepts it. */
    public function testNobodyCanBeFoundInIt(): void
    {
        $standard = self::standard();
        $random = new Randomizer(new Mt19937(20261130));
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/carcasses.schema.json'), false, 64, JSON_THROW_ON_ERROR);
        for ($run = 0; $run < 100; $run++) {
            $all = [];
            $students = [];
            for ($count = $random->getInt(0, 40); $count > 0; $count--) {
                $week = sprintf('2026-W%02d', $random->getInt(1, 6));
                $student = 'student-'.$random->getInt(1, 9);
                $students[$week][$student] = true;
                $all[] = new OpenCarcass($student, $week, $random->getInt(1_500_000, 1_500_400), ['breast.left' => $random->getInt(200_000, 250_000), 'of-an-earlier-version' => 5], ['stock' => 400_123], $random->getInt(0, 1) === 0 ? null : 1_500);
            }
            $data = new OpenData($standard, $all);
            $document = $data->document();
            $text = json_encode($document, ResultDocument::JSON_FLAGS);
            self::assertStringNotContainsString('student', $text);
            self::assertTrue((new Validator())->validate(json_decode($text, false, 64, JSON_THROW_ON_ERROR), $schema)->isValid());
            foreach ($document->records as $record) {
                self::assertGreaterThanOrEqual(5, count($students[$record->week]));
                self::assertSame([0, 0], [$record->ap_mg % 1_000, $record->pieces->{'breast.left'} % 1_000]);
                self::assertFalse(isset($record->pieces->{'of-an-earlier-version'}));
            }
            self::assertSame(count($all), count($document->records) + $data->withheld());
            // Shuffled, it is the same file: no order of stations is left in it.
            self::assertEquals($document, (new OpenData($standard, $random->shuffleArray($all)))->document());
            self::assertCount(count($document->records), PooledCarcasses::read(Node::of(json_decode($text, false, 64, JSON_THROW_ON_ERROR)), $standard)->records);
        }
    }

    public function testWhatIsCutOtherwiseIsLeftOut(): void
    {
        $standard = self::standard();
        $file = (new OpenData($standard, array_map(static fn(int $it): OpenCarcass => new OpenCarcass("s$it", '2026-W07', 2_000_000, ['thigh.left' => 200_000, 'breast.left' => 300_000], [], null), range(1, 6))))->document();
        $file->pieces[0]->parts = ['fillet.left'];
        $read = PooledCarcasses::read(Node::of($file, 'file'), $standard);
        self::assertSame('breast.left', $file->pieces[0]->id);
        self::assertSame(['breast.left'], $read->otherwise);
        self::assertSame([['thigh.left' => 0.1]], array_values(array_unique(array_map(static fn($it): array => $it->pieces, $read->records), SORT_REGULAR)));
        $file->records[0]->pieces->beak = 1;
        self::assertStringStartsWith('file.records[0].pieces: ', (string) Refused::orNull(static fn(): PooledCarcasses => PooledCarcasses::read(Node::of($file, 'file'), $standard)));
    }

    private static function standard(): Standard
    {
        return Standard::read(Node::of((new ShippedDocuments())->standard('chicken-eight-piece'), 'standard'));
    }
}
