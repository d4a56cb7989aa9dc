<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Practice\About;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What points were lost at, told to whoever is to do better: for everything that any shipped standard can take points for. */
final class AboutTest extends TestCase
{
    /** @return iterable<string, array{Standard}> */
    public static function shipped(): iterable
    {
        $shipped = new ShippedDocuments();
        foreach ($shipped->keys() as $key) {
            yield $key => [Standard::read(Node::of($shipped->standard($key), 'standard'))];
        }
    }

    #[DataProvider('shipped')]
    public function testACriterionIsAimedAtByItsHighestStep(Standard $standard): void
    {
        foreach ($standard->criteria as $id => $criterion) {
            $about = self::about('technique', ['criterion' => (string) $id]);
            $best = array_values(array_filter($criterion->levels, static fn($it): bool => $it->points === max(array_map(static fn($level): float|int => $level->points, $criterion->levels))));
            $aim = $about->aimIn($standard);
            self::assertNotNull($aim);
            self::assertStringContainsString(self::plain($best[0]->text), self::said($aim, $standard));
            self::assertSame($criterion->title, $about->titleIn($standard));
            self::assertSame([], array_diff($about->partsIn($standard), array_keys($standard->carcass->parts)));
        }
    }

    public function testWithoutATimeOrAFrameNothingIsAimedAtInThem(): void
    {
        $document = (new ShippedDocuments())->standard('chicken-eight-piece');
        $whole = Standard::read(Node::of($document, 'standard'));
        $document->time = $document->frame = null;
        $without = Standard::read(Node::of($document, 'standard'));
        foreach (['time', 'frame'] as $component) {
            self::assertNotNull(self::about($component, [])->aimIn($whole));
            self::assertNull(self::about($component, [])->aimIn($without));
        }
    }

    #[DataProvider('shipped')]
    public function testAPieceIsOneThingOnBothSidesAndIsAimedAtByItsWindow(Standard $standard): void
    {
        foreach ($standard->cuts->pieces as $id => $piece) {
            $about = self::about('portion', ['piece' => (string) $id]);
            $title = $about->titleIn($standard);
            self::assertNotNull($title);
            self::assertDoesNotMatchRegularExpression('/\b(left|right)\b/iu', $title);
            self::assertSame($piece->parts, $about->partsIn($standard));
            $aim = $about->aimIn($standard);
            self::assertNotNull($aim);
            self::assertNotSame('', self::said($aim, $standard));
            $other = str_ends_with((string) $id, '.left') ? substr((string) $id, 0, -5).'.right' : null;
            // A set that contrasts two cuts has one on each side.
            if ($other !== null && mb_strtolower(strtr($piece->title, ['Left ' => ''])) === mb_strtolower(strtr($standard->cuts->pieces[$other]->title ?? '', ['Right ' => '']))) {
                self::assertSame($title, self::about('portion', ['piece' => $other])->titleIn($standard));
            }
        }
    }

    #[DataProvider('shipped')]
    public function testAFaultTimeAndFrameAreAimedAtAndAYieldIsNot(Standard $standard): void
    {
        foreach ($standard->faults as $id => $fault) {
            $about = self::about('technique', ['fault' => (string) $id]);
            self::assertSame($fault->title, $about->titleIn($standard));
            self::assertNotNull($about->aimIn($standard));
        }
        self::assertSame($standard->time === null, self::about('time')->aimIn($standard) === null);
        self::assertSame($standard->frame === null, self::about('frame')->aimIn($standard) === null);
        if ($standard->time?->standardMs !== null) {
            self::assertSame((int) $standard->time->standardMs, self::about('time')->aimIn($standard)->figures['standard_ms'] ?? null);
        }
        // What a yield or a pair comes to is decided by what is cut before it.
        self::assertNull(self::about('yield')->aimIn($standard));
        self::assertSame([], self::about('yield')->partsIn($standard));
    }

    public function testEveryKindHasADrillOfItsOwn(): void
    {
        $standard = self::shipped()->current()[0];
        $abouts = [self::about('technique', ['criterion' => 'wishbone']), self::about('technique', ['fault' => 'sawing']), self::about('portion', ['piece' => 'thigh.left']), self::about('time'), self::about('frame')];
        $drills = array_map(static fn(About $it): string => self::said($it->drill(), $standard), $abouts);
        self::assertCount(count($abouts), array_unique($drills));
        self::assertCount(count($abouts), array_unique(array_map(static fn(About $it): string => $it->key(), $abouts)));
    }

    /** What an earlier version had, and this one has not, is nothing that could be worked on. */
    public function testWhatIsNoLongerInTheStandardIsNotAimedAt(): void
    {
        $standard = self::shipped()->current()[0];
        foreach (['criterion', 'fault'] as $kind) {
            $gone = self::about('technique', [$kind => 'of-an-earlier-version']);
            self::assertSame([null, null, []], [$gone->titleIn($standard), $gone->aimIn($standard), $gone->partsIn($standard)], $kind);
        }
        $gone = self::about('portion', ['piece' => 'neck.left']);
        self::assertSame([null, []], [$gone->aimIn($standard), $gone->partsIn($standard)]);
        self::assertNull(About::ofResult(Node::of((object) ['component' => 'technique', 'lost' => 1.0], 'reason')), 'a result of the first formats says no figures');
    }

    /** @param array<string, string> $figures */
    private static function about(string $component, array $figures = []): About
    {
        return About::ofResult(Node::of((object) ['component' => $component, 'lost' => 1.0, 'figures' => (object) $figures], 'reason')) ?? self::fail('it says figures');
    }

    private static function said(Message $message, Standard $standard): string
    {
        return self::plain(Sentences::plain($standard)->say($message));
    }

    private static function plain(string $text): string
    {
        return strtr($text, ['{' => '', '}' => '']);
    }
}
