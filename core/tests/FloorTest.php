<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\ColdChain;
use DeftBlade\Core\Capture\ColdChainEvent;
use DeftBlade\Core\Capture\ColdChainMove;
use DeftBlade\Core\Capture\FieldValues;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is taken down in the room, and what it does to a tray. */
final class FloorTest extends TestCase
{
    /** @param list<array<string, mixed>> $captures */
    #[DataProvider('stages')]
    public function testTheStateOfAStationFollowsFromItsCaptures(Stage $stage, array $captures): void
    {
        self::assertSame($stage, Stage::of(self::package($captures)->grade()->attempts[0]));
    }

    /** @return iterable<string, array{Stage, list<array<string, mixed>>}> */
    public static function stages(): iterable
    {
        $received = ['kind' => 'received', 'mass_mg' => 1_800_000];
        $clock = static fn(string $event): array => ['kind' => 'clock', 'event' => $event];
        yield 'nothing yet' => [Stage::Waiting, []];
        yield 'looked at' => [Stage::Mise, [['kind' => 'mise', 'open' => ['towels']]]];
        yield 'received' => [Stage::Received, [['kind' => 'mise', 'open' => []], $received]];
        yield 'refused and not replaced' => [Stage::Waiting, [$received, ['kind' => 'refused', 'reason' => 'Warm']]];
        yield 'refused and replaced' => [Stage::Received, [$received, ['kind' => 'refused', 'reason' => 'Warm'], $received]];
        yield 'running' => [Stage::Running, [$received, $clock('start')]];
        yield 'paused' => [Stage::Paused, [$received, $clock('start'), $clock('pause')]];
        yield 'running on' => [Stage::Running, [$received, $clock('start'), $clock('pause'), $clock('resume')]];
    }

    public function testAnIncidentExcusesOrVoidsWhatItTouchedAndStaysOnRecord(): void
    {
        $tray = [['kind' => 'received', 'mass_mg' => 1_800_000], ['kind' => 'piece', 'piece' => 'left', 'mass_mg' => 300_000], ['kind' => 'piece', 'piece' => 'right', 'mass_mg' => 300_000], ['kind' => 'clock', 'event' => 'stop']];
        $verdict = static fn(string $treatment): string => self::package([...$tray, ['kind' => 'incident', 'what' => 'cut', 'text' => '', 'pieces' => ['left'], 'treatment' => $treatment]])->grade()->attempts[0]->pieces[0]->verdict->value;
        self::assertSame(['excused', 'missing'], [$verdict('excused'), $verdict('voided')]);

        self::assertSame('attempts[0].captures[1].target: an incident stays on record', Refused::when(static fn(): Assessment => self::package([['kind' => 'incident', 'what' => 'slip', 'text' => '', 'pieces' => [], 'treatment' => 'excused'], ['kind' => 'void', 'target' => 'c0', 'reason' => 'Nothing happened']])));
    }

    public function testTimeOutOfTheRefrigeratorAddsUp(): void
    {
        $door = static fn(int $minute, ColdChainMove $event): ColdChainEvent => ColdChainEvent::of(new CaptureHead("d$minute", $minute * 60_000, 'x'), new FieldValues(['event' => $event]));
        $chain = ColdChain::of([$door(0, ColdChainMove::Out), $door(30, ColdChainMove::In), $door(40, ColdChainMove::In), $door(60, ColdChainMove::Out), $door(70, ColdChainMove::Out)]);
        self::assertSame([30 * 60_000, 60 * 60_000], [$chain->ms, $chain->outSince]);
        self::assertSame(75 * 60_000, $chain->until(105 * 60_000));
    }

    public function testTheMiseOfAProductNamesItsBoardAndWhatNobodyCutsWith(): void
    {
        $list = (new ShippedDocuments())->mise('sea trout');
        self::assertSame('Board blue: raw fish', $list->items['board-colour']->title);
        self::assertSame(['hands', 'knife'], array_map(static fn(MiseItem $it): string => $it->id, $list->unsafe(['knife', 'towels', 'hands'])));
    }

    /** @param list<array<string, mixed>> $captures */
    private static function package(array $captures): Assessment
    {
        $package = Package::plain('portion', fade: 1.0)->attempt('a', []);
        $package->document->format = PackageFormat::Two->value;
        foreach ($captures as $index => $capture) {
            $package->document->attempts[0]->captures[] = (object) ($capture + ['id' => "c$index", 'at' => sprintf('2026-03-02T10:%02d:00Z', $index), 'by' => 'x']);
        }

        return Assessment::read(Node::of($package->document));
    }
}
