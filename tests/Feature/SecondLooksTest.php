<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A second assessor of a tray is told nothing of the first look until they have finished: at every address, in every answer. */
final class SecondLooksTest extends TestCase
{
    private const REMARK = 'The knuckle was nicked twice, see the left one';

    /** Of a marked and released practical, so that there is a total, a band, and a release to hide. */
    private Attempt $attempt;

    protected function setUp(): void
    {
        parent::setUp();
        $this->attempt = $this->rehearsal()->attempts()->whereHas('release')->firstOr(fn(): Attempt => Attempt::query()->whereHas('release')->whereRelation('row', 'second_open', '[]')->firstOrFail());
        $by = $this->idOf('marit');
        $this->as('marit')->take($this->attempt, ['kind' => 'note', 'text' => self::REMARK])->assertOk();
        $this->take($this->attempt, ['kind' => 'well', 'text' => 'Well: '.self::REMARK])->assertOk();
        self::assertNotContains($this->idOf('teodor'), Attempt::query()->findOrFail($this->attempt->id)->row->judged_by, "the demo's first look is $by's");
    }

    #[TestWith(['assessor'])]
    #[TestWith(['instructor'])]
    public function testNoAnswerTellsASecondMarkerOfTheFirstLook(string $role): void
    {
        User::query()->whereKey($this->idOf('teodor'))->update(['role' => $role]);
        $this->as('marit')->ask('teodor')->assertOk();
        $this->as('teodor');
        $answers = [];
        foreach ($this->readable() as $address => $path) {
            $answer = $this->get("/api/v1$path", ['Accept' => 'application/json']);
            $body = $answer->getStatusCode() === 200 ? self::timeless((string) $answer->getContent()) : '';
            self::assertLessThan(500, $answer->getStatusCode(), $address);
            self::assertStringNotContainsString(self::REMARK, $body, $address);
            self::assertSame([], $this->marksIn(json_decode($body)), $address);
            $answers[$address] = $body;
        }
        // What the first assessor changes meanwhile must change none of the answers either.
        $this->judgeOtherwise();
        $this->as('teodor');
        foreach ($this->readable() as $address => $path) {
            $answer = $this->get("/api/v1$path", ['Accept' => 'application/json']);
            self::assertSame($answers[$address], self::timeless($answer->getStatusCode() === 200 ? (string) $answer->getContent() : ''), "$address follows what the first assessor does");
        }
    }

    /** The Bench reads its trays otherwise than the sheet of a class. */
    public function testTheBenchAndTheSheetSayTheSameOfEveryTray(): void
    {
        $this->as('marit')->ask('teodor')->assertOk();
        $told = fn(string $path, string $trays): array => array_map(
            static fn(mixed $it): array => array_map(static fn(string $key): mixed => data_get($it, $key), ['attempt', 'station', 'student', 'total', 'band', 'flags', 'release_state']),
            (array) $this->getJson("/api/v1$path")->assertOk()->json($trays),
        );
        foreach (['marit', 'teodor'] as $account) {
            $bench = $this->as($account)->getJson('/api/v1/bench')->assertOk();
            foreach (['today', 'earlier', 'coming'] as $days) {
                foreach ((array) $bench->json($days) as $index => $practical) {
                    $id = data_get($practical, 'id');
                    self::assertIsString($id);
                    self::assertSame($told("/assessments/$id/sheet", 'rows'), $told('/bench', "$days.$index.trays"), "$account, $days $index");
                }
            }
        }
    }

    public function testTryingAPolicyTellsNothingEither(): void
    {
        User::query()->whereKey($this->idOf('teodor'))->update(['role' => 'instructor']);
        $policy = json_decode((string) $this->as('marit')->get('/api/v1/policy/document')->getContent(), true);
        self::assertIsArray($policy);
        $policy['bands'] = [['label' => 'Pass', 'min' => 99], ['label' => 'Refer', 'min' => 0]];
        $tried = fn(string $account): string => (string) $this->as($account)->postJson('/api/v1/policy/try', $policy)->assertOk()->getContent();
        self::assertStringContainsString($this->attempt->id, $tried('teodor'));
        $this->as('marit')->ask('teodor')->assertOk();
        self::assertStringNotContainsString($this->attempt->id, $tried('teodor'));
        self::assertStringContainsString($this->attempt->id, $tried('marit'));
    }

    public function testTheAnswerToAWriteTellsNothingEither(): void
    {
        $this->as('marit')->ask('teodor')->assertOk();
        $answer = $this->as('teodor')->take($this->attempt, ['kind' => 'level', 'criterion' => 'board', 'level' => 1, 'round' => 'second'])->assertOk();
        self::assertStringNotContainsString(self::REMARK, (string) $answer->getContent());
        self::assertSame([], $this->marksIn(json_decode((string) $answer->getContent())));
        $answer->assertJsonPath('holds.levels', [])->assertJsonPath('holds.second_levels', ['board' => 1])->assertJsonPath('result.total', null)->assertJsonPath('second_look.yours', 'open');
    }

    public function testWhoIsNotAskedSeesEverything(): void
    {
        $this->as('marit')->ask('teodor')->assertOk();
        $answer = $this->as('ilse')->getJson("/api/v1/attempts/{$this->attempt->id}")->assertOk();
        self::assertStringContainsString(self::REMARK, (string) $answer->getContent());
        self::assertNotNull($answer->json('result.total'));
        $answer->assertJsonPath('second_look.open', ['Teodor Vance'])->assertJsonPath('second_look.yours', 'free');
    }

    public function testWhatIsRefusedMeanwhileSaysWhy(): void
    {
        $this->as('marit')->ask('teodor')->assertOk();
        $this->as('teodor');
        foreach (["attempts/{$this->attempt->id}/verdict", "attempts/{$this->attempt->id}/released", "attempts/{$this->attempt->id}/released.pdf", "assessments/{$this->attempt->assessment_id}/package"] as $path) {
            self::assertStringContainsString('when you have finished', (string) $this->getJson("/api/v1/$path")->assertConflict()->json('detail'));
        }
    }

    public function testWhenTheyHaveFinishedBothSeeBoth(): void
    {
        $this->as('marit')->ask('teodor')->assertOk();
        $this->as('teodor')->take($this->attempt, ['kind' => 'level', 'criterion' => 'board', 'level' => 0, 'round' => 'second'])->assertOk();
        $answer = $this->take($this->attempt, ['kind' => 'second_look', 'event' => 'finished', 'marker' => $this->idOf('teodor')])->assertOk();
        $answer->assertJsonPath('second_look.yours', 'finished');
        self::assertStringContainsString(self::REMARK, (string) $answer->getContent());
        $board = collect((array) $answer->json('looks'))->firstWhere('criterion', 'board');
        self::assertSame(['Marit Oyelaran', 'Teodor Vance', 0], [data_get($board, 'first.by'), data_get($board, 'second.by'), data_get($board, 'second.level')]);
        $this->take($this->attempt, ['kind' => 'level', 'criterion' => 'board', 'level' => 2, 'round' => 'second'])->assertUnprocessable()
            ->assertJsonPath('errors.0.detail', 'this second look is finished and stands; what both see differently is agreed');
        $this->as('marit')->take($this->attempt, ['kind' => 'level', 'criterion' => 'board', 'level' => 1, 'round' => 'agreed'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].reason');
        $this->take($this->attempt, ['kind' => 'level', 'criterion' => 'board', 'level' => 1, 'round' => 'agreed', 'reason' => 'Seen together'])->assertOk();
    }

    public function testWhoMayAskWhom(): void
    {
        $this->as('marit')->ask('marit')->assertUnprocessable()->assertJsonPath('errors.0.path', 'captures[0].marker');
        $this->ask('ilse')->assertUnprocessable()->assertJsonPath('errors.0.detail', 'is no assessor of this school');
        $this->as('teodor')->ask('tomasz')->assertForbidden();
        $this->as('ilse')->ask('teodor')->assertOk();
        $asked = fn(): array => array_column(array_filter((array) $this->as('teodor')->getJson('/api/v1/bench')->assertOk()->json('waiting'), static fn(mixed $it): bool => data_get($it, 'kind') === 'your_look'), 'attempt');
        self::assertContains($this->attempt->id, $asked());
        $this->as('ilse')->take($this->attempt, ['kind' => 'second_look', 'event' => 'called_off', 'marker' => $this->idOf('teodor')])->assertOk();
        self::assertNotContains($this->attempt->id, $asked());
        $this->as('teodor')->ask('teodor')->assertOk()->assertJsonPath('second_look.yours', 'open');
    }

    /** Two tablets without a network: each sends what it kept, in any order. */
    public function testTwoMarkersAtOnceWithoutANetwork(): void
    {
        $at = static fn(int $second): array => ['at' => now()->subMinute()->addSeconds($second)->utc()->format('Y-m-d\TH:i:s.v\Z')];
        $other = Attempt::query()->where('assessment_id', $this->practical()->id)->whereRelation('row', 'station', 7)->firstOrFail();
        $second = [self::capture(['kind' => 'second_look', 'event' => 'asked', 'marker' => $this->idOf('teodor')] + $at(1)), self::capture(['kind' => 'level', 'criterion' => 'board', 'level' => 0, 'round' => 'second'] + $at(3)), self::capture(['kind' => 'second_look', 'event' => 'finished', 'marker' => $this->idOf('teodor')] + $at(5))];
        $first = [self::capture(['kind' => 'level', 'criterion' => 'board', 'level' => 3] + $at(2)), self::capture(['kind' => 'level', 'criterion' => 'hands', 'level' => 3] + $at(4))];
        $this->as('teodor')->send($other, $second)->assertOk();
        $this->as('marit')->send($other, $first)->assertOk();
        $this->as('teodor')->send($other, $second)->assertOk();
        $levels = (array) Attempt::query()->findOrFail($other->id)->row->looks?->levels;
        self::assertSame([3, 0], [data_get($levels, 'board.first.level'), data_get($levels, 'board.second.level')]);
    }

    private function idOf(string $account): string
    {
        return User::query()->where('email', "$account@tollgate-quay.example")->firstOrFail()->id;
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function ask(string $account): TestResponse
    {
        return $this->take($this->attempt, ['kind' => 'second_look', 'event' => 'asked', 'marker' => $this->idOf($account)]);
    }

    /**
     * @param array<string, mixed> $fact
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function take(Attempt $attempt, array $fact): TestResponse
    {
        return $this->send($attempt, [self::capture($fact)]);
    }

    /**
     * @param list<array<string, mixed>> $facts
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(Attempt $attempt, array $facts): TestResponse
    {
        return $this->postJson("/api/v1/attempts/{$attempt->id}/captures", ['device' => 'Tablet', 'captures' => $facts]);
    }

    /** The first assessor steps every criterion of the attempt, adds a note and takes one back. */
    private function judgeOtherwise(): void
    {
        $this->as('marit');
        $given = Capture::query()->where('attempt_id', $this->attempt->id)->where('kind', 'level')->get();
        $facts = $given->unique(static fn(Capture $it): string => json_encode($it->payload->criterion ?? '', JSON_THROW_ON_ERROR))
            ->map(static fn(Capture $it): array => self::capture(['kind' => 'level', 'criterion' => $it->payload->criterion ?? '', 'level' => ($it->payload->level ?? 0) === 0 ? 1 : 0]))->values()->all();
        $note = self::capture(['kind' => 'note', 'text' => 'On second thoughts']);
        $this->send($this->attempt, [...$facts, $note, self::capture(['kind' => 'void', 'target' => $note['id'], 'reason' => 'Not so'])])->assertOk();
    }

    /**
     * Levels by somebody else, and totals and bands, of the attempt, wherever they stand in an answer.
     *
     * @return list<string>
     */
    private function marksIn(mixed $answer, bool $isOfAttempt = false): array
    {
        $found = [];
        if ($answer instanceof \stdClass) {
            $isOfAttempt = property_exists($answer, 'attempt') ? $answer->attempt === $this->attempt->id : $isOfAttempt;
            foreach (['total', 'band', 'scores', 'release', 'borderline'] as $key) {
                $value = $answer->{$key} ?? null;
                if ($isOfAttempt && ! in_array($value, [null, []], true) && ! ($value instanceof \stdClass && (array) $value === [])) {
                    $found[] = $key;
                }
            }
            if (($answer->kind ?? null) === 'level' && ($answer->by ?? null) !== $this->idOf('teodor')) {
                $found[] = $isOfAttempt ? 'level' : '';
            }
        }
        foreach (is_iterable($answer) || $answer instanceof \stdClass ? (array) $answer : [] as $inner) {
            array_push($found, ...$this->marksIn($inner, $isOfAttempt));
        }

        return array_values(array_filter($found));
    }

    /** An answer without what moves by itself: times, the cursor, and where an id is made for the answer. */
    private static function timeless(string $body): string
    {
        if (str_starts_with($body, "PK\x03\x04")) {
            return self::unzipped($body);
        }
        $plain = (string) preg_replace(['/"(seq|next|now_ms|release_state|last_seq)":("[^"]*"|\d+)/', '/\d{4}-\d\d-\d\dT[\d:.]+(Z|\+00:00)/', '/\/(CreationDate|ModDate|ID)[^\n]*/'], '', $body);

        return str_starts_with($body, '%PDF') ? 'a PDF' : $plain;
    }

    /** What stands in the files of a zip, without the times it was packed at. */
    private static function unzipped(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'answer');
        file_put_contents($path, $bytes);
        $zip = new \ZipArchive();
        $zip->open($path);
        $texts = array_map(static fn(int $it): string => (string) $zip->getFromIndex($it), range(0, $zip->numFiles - 1));
        unlink($path);

        return implode("\n", $texts);
    }

    /** @return array<string, string> every address that can be read, with ids that exist; the attempt is the one that is marked twice */
    private function readable(): array
    {
        $ids = ['{assessment}' => $this->attempt->assessment_id, '{attempt}' => $this->attempt->id, '{sha256}' => str_repeat('0', 64)];
        $paths = [];
        foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
            $path = self::pathOf($route);
            if ($path === null) {
                continue;
            }
            $filled = strtr($path, $ids);
            if (! str_contains($filled, '{')) {
                $paths[$path] = $filled;
            }
        }
        $paths['record'] = "/students/{$this->attempt->student_id}/record.csv";
        $paths['captures after 0'] = "/assessments/{$this->attempt->assessment_id}/captures?after=0";
        $paths['find'] = '/find?q='.rawurlencode($this->attempt->student->name);

        return $paths;
    }

    private static function pathOf(Route $route): ?string
    {
        $path = str_starts_with($route->uri(), 'api/v1/') && $route->methods()[0] === 'GET' ? substr($route->uri(), strlen('api/v1')) : null;

        // The scale and the probe are devices; no test listens to them here.
        return $path === '/scale' || str_ends_with((string) $path, '/probe') ? null : $path;
    }
}
