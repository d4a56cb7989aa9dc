<?php

declare(strict_types=1);

namespace Tests\Scale;

use App\Scale\PanAction;
use App\Scale\ScaleLine;
use App\Scale\ScalePan;
use App\Scale\ScaleUnreachable;
use App\TryOut\CarcassDraw;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\ScaleReport;
use DeftBlade\Core\Weighing\ScaleStatus;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The simulated scale as the application meets it: a process behind two sockets. */
final class ScaleOnTheLineTest extends TestCase
{
    private Process $process;

    private ScaleLine $line;

    private ScalePan $pan;

    protected function setUp(): void
    {
        [$reports, $pan] = [self::freePort(), self::freePort()];
        $this->process = new Process([PHP_BINARY, dirname(__DIR__, 2).'/scale/bench-scale', (string) $reports, (string) $pan]);
        $this->process->start();
        $this->line = new ScaleLine("tcp://127.0.0.1:$reports");
        $this->pan = new ScalePan("tcp://127.0.0.1:$pan");
        $deadline = microtime(true) + 10;
        while (@stream_socket_client("tcp://127.0.0.1:$pan", timeout: 0.1) === false && microtime(true) < $deadline) {
            usleep(20_000);
        }
    }

    protected function tearDown(): void
    {
        $this->process->stop();
    }

    public function testALoadPutOnThePanComesDownTheLine(): void
    {
        self::assertSame(0, $this->settled()->mass?->mg);
        $this->pan->put(Mass::ofMilligrams(267_000));
        self::assertSame(267_000, $this->settled(267_000)->mass?->mg);
        $this->pan->press(PanAction::Tare);
        self::assertSame(0, $this->settled(0)->mass?->mg);
        $this->pan->press(PanAction::Clear);
        $this->pan->press(PanAction::Zero);
        self::assertSame(ScaleStatus::StableAtZero, $this->settled(0)->status);
    }

    public function testTwoTabletsReadTheSameScale(): void
    {
        $this->pan->put(Mass::ofMilligrams(1_500_000));
        $one = $this->line->reports();
        $other = $this->line->reports();
        self::assertInstanceOf(ScaleReport::class, $one->current());
        self::assertInstanceOf(ScaleReport::class, $other->current());
        self::assertSame(1_500_000, $this->settled(1_500_000)->mass?->mg);
    }

    public function testAScaleThatIsGoneIsSaidToBeGone(): void
    {
        $this->process->stop();
        $this->expectException(ScaleUnreachable::class);
        $this->line->reports()->current();
    }

    #[TestWith(['chicken-eight-piece'])]
    #[TestWith(['sea-trout-fillets-ribs-trimmed'])]
    public function testEveryCarcassDrawnForTheDemoBalances(string $key): void
    {
        $shipped = new ShippedDocuments();
        $standard = Standard::read(Node::of($shipped->standard($key)));
        $typical = $shipped->typicalMassOf($standard->carcass);
        self::assertNotNull($typical);
        for ($bird = 0; $bird < 40; $bird++) {
            $asPurchased = CarcassDraw::asPurchased("bird $bird", $typical);
            $draw = CarcassDraw::of($standard, $asPurchased, "bird $bird", 0.5 + $bird % 5 / 10);
            $captures = [['kind' => 'received', 'mass_mg' => $asPurchased->mg], ['kind' => 'scrape', 'mass_mg' => $draw->massOf('scrape')->mg]];
            foreach ($standard->cuts->pieces as $piece) {
                $captures[] = ['kind' => 'piece', 'piece' => $piece->id, 'mass_mg' => $draw->massOf($piece->id)->mg];
            }
            foreach ($standard->cuts->bins as $bin) {
                $captures[] = ['kind' => 'bin', 'bin' => $bin->id, 'mass_mg' => $draw->massOf($bin->id)->mg];
            }
            $package = json_encode([
                'format' => PackageFormat::latest()->value, 'standard' => $shipped->standard($key), 'policy' => $shipped->policy('house'),
                'attempts' => [['id' => 'a', 'student' => 's', 'captures' => array_map(
                    static fn(array $it, int $index): array => $it + ['id' => "c$index", 'at' => '2026-03-02T10:00:00Z', 'by' => 'x'],
                    $captures,
                    array_keys($captures),
                )]],
            ], JSON_THROW_ON_ERROR);
            self::assertSame(BalanceState::Balanced, Assessment::read(Node::decode($package))->grade()->attempts[0]->balance->state, "bird $bird");
        }
    }

    private function settled(?int $mg = null): ScaleReport
    {
        $deadline = microtime(true) + 10;
        foreach ($this->line->reports() as $report) {
            if ($report->status->refusal() === null && ($mg === null || $report->mass?->mg === $mg)) {
                return $report;
            }
            if (microtime(true) > $deadline) {
                break;
            }
        }
        self::fail('the scale did not settle on what was put on it');
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($socket);
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }
}
