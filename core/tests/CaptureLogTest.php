<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CaptureLogTest extends TestCase
{
    public function testTheLatestHoldsByTimeAndThenById(): void
    {
        $mass = fn(array ...$captures): ?int => $this->left($captures);
        self::assertSame(2, $mass(['id' => 'a', 'at' => '10:00:00Z', 'mass_mg' => 1], ['id' => 'b', 'at' => '10:00:01Z', 'mass_mg' => 2]));
        self::assertSame(2, $mass(['id' => 'b', 'at' => '10:00:01Z', 'mass_mg' => 2], ['id' => 'a', 'at' => '10:00:00Z', 'mass_mg' => 1]));
        self::assertSame(2, $mass(['id' => 'b', 'at' => '10:00:00Z', 'mass_mg' => 2], ['id' => 'a', 'at' => '10:00:00Z', 'mass_mg' => 1]));
        self::assertSame(2, $mass(['id' => 'b', 'at' => '10:00:00.001Z', 'mass_mg' => 2], ['id' => 'c', 'at' => '11:00:00+01:00', 'mass_mg' => 1]));
    }

    public function testAVoidRestoresTheEarlierStateAndCanItselfBeTakenBack(): void
    {
        $first = ['id' => 'a', 'at' => '10:00:00Z', 'mass_mg' => 1];
        $second = ['id' => 'b', 'at' => '10:00:01Z', 'mass_mg' => 2];
        $void = ['id' => 'c', 'at' => '10:00:02Z', 'kind' => 'void', 'target' => 'b', 'reason' => 'wrong line'];
        $undo = ['id' => 'd', 'at' => '10:00:03Z', 'kind' => 'void', 'target' => 'c', 'reason' => 'it was right'];
        self::assertSame(1, $this->left([$first, $second, $void]));
        self::assertSame(1, $this->left([$void, $second, $first]));
        self::assertSame(2, $this->left([$first, $second, $void, $undo]));
        self::assertNull($this->left([$second, $void]));
    }

    /** @param array<int, string> $clock seconds to event */
    #[DataProvider('clocks')]
    public function testTheClock(array $clock, int $seconds, string $timeState): void
    {
        $result = Package::plain('time')->attempt('a', ['ap' => 1800, 'clock' => $clock])->first();
        self::assertSame($seconds * 1000, $result['time']['running_ms']);
        self::assertSame($timeState, $result['components'][0]['state']);
    }

    /** @return array<string, array{array<int, string>, int, string}> */
    public static function clocks(): array
    {
        return [
            'still running' => [[0 => 'start'], 0, 'pending'],
            'stopped' => [[0 => 'start', 600 => 'stop'], 600, 'scored'],
            'less the pause' => [[0 => 'start', 100 => 'pause', 400 => 'resume', 600 => 'stop'], 300, 'scored'],
            'started twice' => [[0 => 'start', 50 => 'start', 600 => 'stop'], 600, 'scored'],
            'presentation taken back' => [[0 => 'start', 600 => 'stop', 700 => 'resume'], 600, 'pending'],
            'and presented again' => [[0 => 'start', 600 => 'stop', 700 => 'resume', 750 => 'stop'], 650, 'scored'],
            'stopped while paused' => [[0 => 'start', 100 => 'pause', 900 => 'stop'], 100, 'scored'],
        ];
    }

    /** @param list<array<string, mixed>> $captures */
    private function left(array $captures): ?int
    {
        $result = Package::plain('yield', floor: 0.1, target: 0.2)->attempt('a', [])->with(static function (\stdClass $document) use ($captures): void {
            $document->attempts[0]->captures = array_map(static fn(array $it): \stdClass => (object) array_merge(
                ['by' => 'x'],
                isset($it['kind']) ? [] : ['kind' => 'piece', 'piece' => 'left'],
                $it,
                ['at' => "2026-03-02T{$it['at']}"],
            ), $captures);
        })->first();

        return $result['pieces'][0]['mass_mg'];
    }
}
