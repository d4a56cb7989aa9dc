<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Brief\BriefDocument;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Tests\Support\Distortions;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A brief as it is sent: whatever is wrong with it is refused with its place. */
final class BriefDocumentTest extends TestCase
{
    private const STANDARD = '0198c000-0000-7000-8000-000000000001';

    private const STUDENT = '0198c000-0000-7000-8000-000000000002';

    private const PERSON = '0198c000-0000-7000-8000-000000000003';

    public function testReadsWhatItSays(): void
    {
        $brief = BriefDocument::read(Node::of(self::brief(), 'brief'));
        self::assertSame(['Crown', false, '2026-03-04', '09:00', 'Great kitchen', 12, 1, 3], [$brief->title, $brief->isRehearsal, $brief->day, $brief->start, $brief->room, $brief->benches, $brief->scales, $brief->waves]);
        self::assertSame([480, 600, 540, 360], [$brief->gapS, $brief->miseS, $brief->cleanS, $brief->waitS]);
        self::assertSame([self::STANDARD, [self::STUDENT]], [$brief->lists[0]->standard, $brief->lists[0]->students]);
        $line = $brief->lists[0]->order->line('chicken', 12, 1_850_000, null);
        self::assertSame([14, 13, 3, 18, 16_483.5], [$line->needed(), $line->toBuy(), $line->cases(), $line->ordered(), $line->cost()]);
        self::assertSame([self::PERSON, true, [1, 2]], [$brief->assessors[0]->person, $brief->assessors[0]->isSecond, $brief->assessors[0]->stations]);
        self::assertSame([self::PERSON, self::STUDENT], [$brief->notBy[0]->person, $brief->notBy[0]->student]);
    }

    /** One place at a time is of another type, missing, or has more in it: it is refused there, or what it says is one more thing that can be said. */
    public function testEveryPlaceIsRefusedByItsPlace(): void
    {
        $refused = 0;
        foreach (Distortions::of(self::brief()) as $place => $document) {
            try {
                BriefDocument::read(Node::of($document, 'brief'));
            } catch (InvalidPackage $problem) {
                $refused++;
                $top = explode('.', $place)[0];
                self::assertStringStartsWith('brief.'.explode(' ', $top)[0], $problem->path, $place);
            }
        }
        self::assertGreaterThan(200, $refused);
    }

    #[TestWith(['day', '2026-02-29', 'brief.day'])]
    #[TestWith(['day', '04.03.2026', 'brief.day'])]
    #[TestWith(['day', "2026-03-04\n", 'brief.day'])]
    #[TestWith(['start', '24:00', 'brief.start'])]
    #[TestWith(['start', '9:00', 'brief.start'])]
    #[TestWith(['benches', 61, 'brief.benches'])]
    #[TestWith(['scales', 6, 'brief.scales'])]
    #[TestWith(['waves', 0, 'brief.waves'])]
    #[TestWith(['gap_s', 3601, 'brief.gap_s'])]
    #[TestWith(['wait_s', -1, 'brief.wait_s'])]
    #[TestWith(['mise_s', 1.5, 'brief.mise_s'])]
    public function testFiguresHaveTheirLimits(string $key, mixed $value, string $path): void
    {
        $document = self::brief();
        $document->{$key} = $value;
        try {
            BriefDocument::read(Node::of($document, 'brief'));
            self::fail("$key is refused");
        } catch (InvalidPackage $problem) {
            self::assertSame($path, $problem->path);
        }
    }

    public function testADayOfALeapYearIsADay(): void
    {
        $document = self::brief();
        $document->day = '2028-02-29';
        self::assertSame('2028-02-29', BriefDocument::read(Node::of($document, 'brief'))->day);
    }

    #[TestWith(['lists', 4])]
    #[TestWith(['assessors', 60])]
    #[TestWith(['not_by', 200])]
    public function testListsHaveAnEnd(string $key, int $most): void
    {
        $document = self::brief();
        $document->{$key} = array_fill(0, $most, $document->{$key}[0]);
        BriefDocument::read(Node::of($document, 'brief'));
        $document->{$key}[] = $document->{$key}[0];
        $this->expectExceptionObject(InvalidPackage::at("brief.$key", MessageCode::TooMany, ['most' => $most]));
        BriefDocument::read(Node::of($document, 'brief'));
    }

    public function testAListHasAnEndToo(): void
    {
        $document = self::brief();
        $document->lists[0]->students = array_map(static fn(int $it): string => sprintf('0198c000-0000-7000-8000-%012d', $it), range(1, 200));
        self::assertCount(200, BriefDocument::read(Node::of($document, 'brief'))->lists[0]->students);
        $document->lists[0]->students[] = '0198c000-0000-7000-8000-000000000201';
        $this->expectExceptionObject(InvalidPackage::at('brief.lists[0].students', MessageCode::TooMany, ['most' => 200]));
        BriefDocument::read(Node::of($document, 'brief'));
    }

    private static function brief(): \stdClass
    {
        return json_decode(json_encode([
            'title' => 'Crown', 'is_rehearsal' => false, 'day' => '2026-03-04', 'start' => '09:00', 'room' => 'Great kitchen',
            'benches' => 12, 'scales' => 1, 'waves' => 3, 'gap_s' => 480, 'mise_s' => 600, 'clean_s' => 540, 'wait_s' => 360,
            'lists' => [['standard' => self::STANDARD, 'students' => [self::STUDENT], 'order' => [
                'specification' => 'fresh', 'on_hand' => 1, 'per_case' => 6, 'spare_fraction' => 0.1, 'spare_at_least' => 1, 'typical_mg' => null, 'price' => ['per' => 'kg', 'minor' => 495], 'is_frozen' => false,
            ]]],
            'assessors' => [['person' => self::PERSON, 'is_second' => true, 'stations' => [1, 2]]],
            'not_by' => [['person' => self::PERSON, 'student' => self::STUDENT]],
        ], JSON_THROW_ON_ERROR));
    }
}
