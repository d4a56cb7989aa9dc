<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Capture\MarkRound;
use DeftBlade\Core\Capture\SecondLooks;
use DeftBlade\Core\Capture\StartGate;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Facts and the state they give by the core, as JSON that the module of the device is held to (tests/vectors/device.json): some cases named, and many
 * drawn from a fixed seed.
 */
final class DeviceVectors
{
    private const DRAWN = 150;

    private const PEOPLE = ['m', 't', 'x'];

    private const START = 1_772_442_000_000;

    private Standard $standard;

    private StartGate $gate;

    public function __construct()
    {
        $package = Package::plain('portion', fade: 1.0)->with(static function (\stdClass $it): void {
            $it->standard->pieces[0]->portions = (object) ['count' => 3, 'range' => 0.1];
            $it->standard->checkpoints = [(object) ['id' => 'trussed', 'title' => 'Trussed']];
            $it->standard->criteria = [(object) ['id' => 'edge', 'component' => 'skill', 'weight' => 1, 'levels' => [(object) ['points' => 0, 'text' => 'no'], (object) ['points' => 1, 'text' => 'yes']]]];
            $it->standard->faults = [(object) ['id' => 'sawing', 'component' => 'skill', 'deduct' => 1, 'max' => 2]];
            $it->standard->defects = [(object) ['id' => 'torn', 'excuses' => ['criterion:edge']]];
        });
        $this->standard = Standard::read(Node::of($package->document->standard, 'standard'));
        $this->gate = new StartGate((new ShippedDocuments())->mise('chicken'));
    }

    public function json(): string
    {
        $cases = [];
        foreach (self::named() as $name => $facts) {
            $cases[] = $this->case($name, self::captures($facts));
        }
        for ($seed = 1; $seed <= self::DRAWN; $seed++) {
            $cases[] = $this->case("drawn $seed", self::drawn(new Randomizer(new Mt19937($seed))));
        }

        $safety = array_map(static fn($it): string => $it->id, (new ShippedDocuments())->mise('chicken')->safetyItems());

        return json_encode(['portions' => ['left' => 3], 'safety' => $safety, 'cases' => $cases], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @return iterable<string, list<array<string, mixed>>> */
    private static function named(): iterable
    {
        $clock = static fn(string $event, array $more = []): array => ['kind' => 'clock', 'event' => $event] + $more;
        yield 'nothing' => [];
        yield 'start, pause, resume, stop' => [$clock('start'), $clock('pause'), $clock('resume'), $clock('stop')];
        yield 'a pause after presenting keeps the tray presented' => [$clock('start'), $clock('stop'), $clock('pause')];
        yield 'resume takes presenting back' => [$clock('start'), $clock('stop'), $clock('resume')];
        yield 'a start after presenting runs, and the tray stays presented' => [$clock('start'), $clock('stop'), $clock('start')];
        yield 'a stop withdrawn' => [$clock('start'), $clock('stop'), ['kind' => 'void', 'target' => 'c1', 'reason' => 'too early']];
        yield 'a withdrawal withdrawn' => [['kind' => 'fault', 'fault' => 'sawing'], ['kind' => 'void', 'target' => 'c0', 'reason' => 'x'], ['kind' => 'void', 'target' => 'c1', 'reason' => 'it was']];
        yield 'mise with towels open: the gate is open' => [['kind' => 'mise', 'open' => ['towels']]];
        yield 'mise with the knife open: the gate is shut' => [['kind' => 'mise', 'open' => ['knife', 'towels']]];
        yield 'a reason opens the gate until the station is looked at again' => [['kind' => 'mise', 'open' => ['knife']], $clock('start', ['reason' => 'Knife on its way']), $clock('pause')];
        yield 'and then it is shut' => [['kind' => 'mise', 'open' => ['knife']], $clock('start', ['reason' => 'Knife on its way']), $clock('pause'), ['kind' => 'mise', 'open' => ['knife']]];
        yield 'a refused carcass' => [['kind' => 'received', 'mass_mg' => 1_800_000, 'tag' => 'A'], ['kind' => 'refused', 'reason' => 'Warm', 'tag' => 'A']];
        yield 'looked at, and refused: the next one was not looked at' => [['kind' => 'look', 'not' => ['smell'], 'core_c' => 7.5], ['kind' => 'refused', 'reason' => 'Smells off']];
        yield 'looked at again' => [['kind' => 'look', 'not' => ['smell'], 'core_c' => 7.5], ['kind' => 'look', 'not' => []]];
        yield 'a set together, then by portions' => [['kind' => 'piece', 'piece' => 'left', 'mass_mg' => 300_000], ['kind' => 'portion', 'piece' => 'left', 'portion' => 1, 'mass_mg' => 100_000]];
        yield 'a set by portions, then together' => [['kind' => 'portion', 'piece' => 'left', 'portion' => 2, 'mass_mg' => 100_000], ['kind' => 'piece', 'piece' => 'left', 'mass_mg' => 300_000]];
        yield 'thrown away after a cut' => [['kind' => 'piece', 'piece' => 'right', 'mass_mg' => 300_000], ['kind' => 'incident', 'what' => 'cut', 'text' => '', 'pieces' => ['right'], 'treatment' => 'voided']];
        $look = static fn(string $event, string $marker): array => ['kind' => 'second_look', 'event' => $event, 'marker' => $marker, 'by' => $marker];
        $level = static fn(string $round, string $by): array => ['kind' => 'level', 'criterion' => 'edge', 'level' => 1, 'round' => $round, 'by' => $by];
        yield 'a second look, from asking to the end' => [$level('first', 'm'), $look('asked', 't'), $level('second', 't'), $look('finished', 't')];
        yield 'a second level of somebody who was not asked' => [$level('first', 'm'), $level('second', 't')];
        yield 'called off, and the first level withdrawn' => [$look('asked', 't'), $look('called_off', 't'), $level('first', 'm'), ['kind' => 'void', 'target' => 'c2', 'reason' => 'x']];
        yield 'out of the refrigerator twice' => [['kind' => 'chill', 'event' => 'out'], ['kind' => 'chill', 'event' => 'out'], ['kind' => 'chill', 'event' => 'in'], ['kind' => 'chill', 'event' => 'out']];
    }

    /**
     * @param list<array<string, mixed>> $facts
     *
     * @return list<\stdClass>
     */
    private static function captures(array $facts): array
    {
        return array_map(static fn(array $fact, int $index): \stdClass => self::at($fact, $index, self::START + 30_000 * $index), $facts, array_keys($facts));
    }

    /** @param array<string, mixed> $fact */
    private static function at(array $fact, int $index, int $ms): \stdClass
    {
        return (object) ($fact + ['id' => "c$index", 'at' => gmdate('Y-m-d\TH:i:s', intdiv($ms, 1000)).sprintf('.%03dZ', $ms % 1000), 'by' => 'x']);
    }

    /** @return list<\stdClass> a dozen facts as they might come, some at one moment, some withdrawn */
    private static function drawn(Randomizer $random): array
    {
        $captures = [];
        $ms = self::START;
        $count = $random->getInt(3, 16);
        for ($index = 0; $index < $count; $index++) {
            $ms += $random->getInt(0, 3) * 4_321;
            $captures[] = self::at(self::fact($random, $index), $index, $ms);
        }

        // Facts of two devices do not come in order.
        return $random->getInt(0, 1) === 0 ? $captures : array_values($random->shuffleArray($captures));
    }

    /** @return array<string, mixed> */
    private static function fact(Randomizer $random, int $index): array
    {
        $one = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $reason = $random->getInt(0, 5) === 0 ? ['reason' => 'Said why'] : [];

        return match ($random->getInt(0, 17)) {
            0, 1, 2, 3 => ['kind' => 'clock', 'event' => $one(['start', 'pause', 'resume', 'stop'])] + $reason,
            4 => ['kind' => 'mise', 'open' => $one([[], ['towels'], ['knife'], ['hands', 'towels']])],
            5 => ['kind' => 'received', 'mass_mg' => 1_000 * $random->getInt(1_500, 2_000), 'defects' => $one([[], ['torn']])],
            6 => ['kind' => 'refused', 'reason' => 'Warm'],
            7 => ['kind' => 'piece', 'piece' => $one(['left', 'right']), 'mass_mg' => 1_000 * $random->getInt(200, 400)],
            8 => ['kind' => 'portion', 'piece' => 'left', 'portion' => $random->getInt(1, 3), 'mass_mg' => 1_000 * $random->getInt(80, 120)],
            9 => ['kind' => 'bin', 'bin' => 'stock', 'mass_mg' => 1_000 * $random->getInt(800, 1_200)],
            10 => ['kind' => 'scrape', 'mass_mg' => 1_000 * $random->getInt(5, 50)],
            11 => ['kind' => 'level', 'criterion' => 'edge', 'level' => $random->getInt(0, 1)] + $one([[], [], ['round' => 'first'], ['round' => 'second'], ['round' => 'agreed']]) + ['by' => $one(self::PEOPLE)],
            12 => ['kind' => 'fault', 'fault' => 'sawing'],
            13 => ['kind' => 'chill', 'event' => $one(['out', 'in'])],
            14 => ['kind' => 'checkpoint', 'checkpoint' => 'trussed'],
            17 => ['kind' => 'second_look', 'event' => $one(['asked', 'finished', 'called_off']), 'marker' => $one(self::PEOPLE)],
            15 => ['kind' => 'look', 'not' => $one([[], ['skin'], ['skin', 'dry']])] + ($random->getInt(0, 1) === 0 ? [] : ['core_c' => $random->getInt(0, 16) / 2]),
            default => $index === 0 ? ['kind' => 'note', 'text' => 'n'] : ['kind' => 'void', 'target' => 'c'.$random->getInt(0, $index - 1), 'reason' => 'x'],
        };
    }

    /**
     * @param list<\stdClass> $captures
     *
     * @return array<string, mixed>
     */
    private function case(string $name, array $captures): array
    {
        $log = CaptureLog::read(array_map(static fn(\stdClass $it): Node => Node::of($it, 'capture'), $captures), new CaptureReader($this->standard));
        $gate = $this->gate->now($log->history);
        $mg = static fn(array $masses): object => (object) array_map(static fn($mass): int => $mass->mg, $masses);
        $seconds = SecondLooks::of($log->history);
        $looks = array_combine(self::PEOPLE, array_map(static fn(string $it): string => $seconds->standingOf($it)->value, self::PEOPLE));
        $states = [];
        foreach ($captures as $capture) {
            $states[$capture->id] = $log->history->stateOf($capture->id)->value;
        }

        return ['name' => $name, 'captures' => $captures, 'second_looks' => $looks, 'state' => [
            'running_ms' => $log->time->ms,
            'running_since_ms' => $log->time->runningSince,
            'started_ms' => $log->time->startedAt,
            'presented_since_ms' => $log->time->presentedSince,
            'stage' => Stage::ofLog($log)->value,
            'splits' => (object) $log->splits,
            'mise_open' => $log->floor->mise?->open,
            'look_not' => $log->floor->look?->not,
            'core_c' => $log->floor->look?->coreC,
            'received' => $log->weights->received === null ? null : ['mass_mg' => $log->weights->received->mass->mg, 'defects' => $log->weights->received->defects, 'tag' => $log->weights->received->tag],
            'refused' => count($log->floor->refusals),
            'cold_ms' => $log->floor->coldChain->ms,
            'cold_since_ms' => $log->floor->coldChain->outSince,
            'pieces' => $mg($log->weights->pieces),
            'portions' => (object) array_map($mg, $log->weights->portions),
            'bins' => $mg($log->weights->bins),
            'scrape_mg' => $log->weights->scrape?->mg,
            'levels' => (object) $log->judged->levelsOf(MarkRound::First),
            'second_levels' => (object) $log->judged->levelsOf(MarkRound::Second),
            'faults' => (object) $log->judged->faults,
            'incidents' => count($log->floor->incidents),
            'states' => (object) $states,
            'gate' => $gate === null ? null : ['looked' => $gate->isLookedAt, 'open' => $gate->open],
        ]];
    }
}
