<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Live\Push;
use App\Models\Capture;
use Illuminate\Support\Str;
use Tests\TestCase;

/** What devices that follow a class are told of, and that nothing depends on it. */
final class PushTest extends TestCase
{
    /** @var resource */
    private $publisher;

    protected function setUp(): void
    {
        parent::setUp();
        // It never answers, as a module that hangs: what is told lies in its backlog, and nobody waits for it long.
        $publisher = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($publisher);
        $this->publisher = $publisher;
        $this->app?->instance(Push::class, new Push('http://'.stream_socket_get_name($publisher, false).'/publish'));
    }

    public function testACaptureIsToldWithTheStationItLeaves(): void
    {
        $attempt = $this->station(11);
        $before = $attempt->assessment->latestSeq();
        $sent = self::taken('fault', ['fault' => 'sawing']);
        $this->as('marit')->postJson("/api/v1/attempts/{$attempt->id}/captures", $sent)->assertOk();
        [$head, $said] = $this->told();
        self::assertStringStartsWith("POST /publish/class-{$attempt->assessment_id} ", $head);
        self::assertStringContainsString('X-EventSource-Event: stands', $head);
        self::assertSame([$before, $attempt->assessment->latestSeq()], [data_get($said, 'before'), data_get($said, 'seq')]);
        self::assertSame([$sent['captures'][0]['id']], data_get($said, 'captures.*.capture.id'));
        self::assertSame([$attempt->id, 11], [data_get($said, 'station.attempt'), data_get($said, 'station.station')]);

        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", $sent)->assertOk();
        self::assertNull($this->told(), 'sent again it is no news');
    }

    public function testWhereSomebodyMarksASecondTimeOnlyThatThereIsSomethingIsTold(): void
    {
        $attempt = $this->station(11);
        $teodor = $this->as('teodor')->getJson('/api/v1/session')->json('id');
        $this->as('marit')->postJson("/api/v1/attempts/{$attempt->id}/captures", self::taken('second_look', ['event' => 'asked', 'marker' => $teodor]))->assertOk();
        $this->told();
        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", self::taken('note', ['text' => 'Very clean']))->assertOk();
        [, $said] = $this->told();
        self::assertSame(['seq' => $attempt->assessment->latestSeq(), 'before' => null, 'captures' => [], 'station' => null], $said);
    }

    public function testWhatIsSentForOnePersonIsNotTakenForAnother(): void
    {
        [$attempt, $count] = [$this->station(11), Capture::query()->count()];
        $marit = $this->as('marit')->getJson('/api/v1/session')->json('id');
        $person = ['X-Deft-Blade-Person' => is_string($marit) ? $marit : ''];
        $sent = self::taken('note', ['text' => 'Hers']);
        $this->as('teodor')->postJson("/api/v1/attempts/{$attempt->id}/captures", $sent, $person)->assertConflict()->assertJsonPath('type', 'urn:deft-blade:problem:other-person');
        self::assertSame($count, Capture::query()->count());
        $this->deleteJson('/api/v1/session', [], $person)->assertConflict();
        $this->as('marit')->postJson("/api/v1/attempts/{$attempt->id}/captures", $sent, $person)->assertOk();
        self::assertSame($count + 1, Capture::query()->count());
    }

    /**
     * @param array<string, mixed> $says
     *
     * @return array{device: string, captures: list<array<string, mixed>>}
     */
    private static function taken(string $kind, array $says): array
    {
        return ['device' => 'Tablet', 'captures' => [['id' => (string) Str::uuid7(), 'at' => now()->utc()->format(Capture::AT_FORMAT), 'kind' => $kind] + $says]];
    }

    /** @return array{string, mixed}|null the head of the last request and what it said; null where none came */
    private function told(): ?array
    {
        $line = @stream_socket_accept($this->publisher, 0.0);
        if ($line === false) {
            return null;
        }
        stream_set_timeout($line, 1);
        [$head, $body] = explode("\r\n\r\n", (string) stream_get_contents($line), 2);

        return [$head, json_decode($body, true)];
    }
}
