<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\RebuildResults;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use App\TryOut\MadeUpHand;
use App\TryOut\MadeUpTray;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** What a practical asks for in writing is handed in by the student until their clock starts, and judged as its criterion. */
final class WrittenTest extends TestCase
{
    private Attempt $own;

    protected function setUp(): void
    {
        parent::setUp();
        $this->own = Assessment::query()->where('title', 'Leg boned for rolling')->firstOrFail()->attempts()->with('student')->whereRelation('row', 'station', 1)->firstOrFail();
    }

    public function testAPracticalThatAsksSaysSoOnTheShelfUntilTheClockStarts(): void
    {
        $shelf = fn(): mixed => $this->as('amina')->getJson('/api/v1/practice')->assertOk()->json('written');
        self::assertSame([['attempt' => $this->own->id, 'practical' => 'Leg boned for rolling', 'held_on' => $this->own->assessment()->firstOrFail()->held_on->toDateString(), 'asked' => 1, 'open' => 1]], $shelf());
        $this->handIn('White stock.')->assertOk();
        self::assertSame([0], array_column((array) $shelf(), 'open'));
        $this->clock('start');
        self::assertSame([], $shelf());
        self::assertSame([], $this->as('marit')->getJson('/api/v1/practice')->json('written'));
    }

    public function testTheLastOneHandedInCountsAndEachIsAFactOfTheTray(): void
    {
        $this->as('amina')->getJson($this->address())->assertOk()->assertJsonPath('is_open', true)->assertJsonPath('questions.0.answer', null)->assertJsonCount(5, 'questions.0.levels');
        $first = self::answer('Stock.');
        $this->send([$first])->assertOk()->assertJsonPath('questions.0.answer', 'Stock.');
        $this->handIn("White stock:\ncold water, skimmed, three hours.")->assertOk();
        // Sent again, what was handed in first changes nothing.
        $this->send([$first])->assertOk()->assertJsonPath('questions.0.answer', "White stock:\ncold water, skimmed, three hours.");
        $this->send([['text' => 'Glue.'] + $first])->assertConflict();
        $facts = Capture::query()->where('attempt_id', $this->own->id)->where('kind', 'answer')->orderBy('seq')->get();
        self::assertSame([$this->own->student->user_id], $facts->pluck('user_id')->unique()->all());
        self::assertCount(2, $facts);
        $tray = $this->as('teodor')->getJson("/api/v1/attempts/{$this->own->id}")->assertOk();
        $tray->assertJsonPath('holds.answers.written-bones', "White stock:\ncold water, skimmed, three hours.");
        $kinds = array_column(array_column(array_column((array) $tray->json('log'), 'entry'), 'capture'), 'kind');
        self::assertSame(2, array_count_values($kinds)['answer']);
    }

    public function testNothingIsHandedInOnceTheClockRan(): void
    {
        $this->clock('start');
        $this->as('amina')->handIn('Too late.')->assertConflict();
        $this->getJson($this->address())->assertOk()->assertJsonPath('is_open', false)->assertJsonPath('questions.0.answer', null);
        self::assertSame(0, Capture::query()->where('attempt_id', $this->own->id)->where('kind', 'answer')->count());
        // A clock that was started by mistake and taken back has not run.
        $start = Capture::query()->where('attempt_id', $this->own->id)->where('kind', 'clock')->firstOrFail();
        $this->mark(['kind' => 'void', 'target' => $start->id, 'reason' => 'The wrong station']);
        $this->as('amina')->handIn('In time after all.')->assertOk();
    }

    public function testACancelledPracticalTakesNothing(): void
    {
        $this->own->assessment()->firstOrFail()->update(['cancelled' => 'No birds came.']);
        $this->as('amina')->handIn('White stock.')->assertConflict();
    }

    public function testItIsWrittenByTheStudentAloneForWhatIsAsked(): void
    {
        foreach (['tomasz', 'marit', 'teodor', 'ilse'] as $other) {
            $this->as($other)->getJson($this->address())->assertForbidden();
            $this->handIn('Not mine.')->assertForbidden();
        }
        // Nor as a capture of the floor, by whoever marks.
        $this->as('marit')->postJson("/api/v1/attempts/{$this->own->id}/captures", ['device' => 'Tablet', 'captures' => [['kind' => 'answer'] + self::answer('Not mine.')]])->assertForbidden();
        $this->as('amina')->send([['criterion' => 'board'] + self::answer('The board.')])->assertUnprocessable()->assertJsonPath('errors.0.path', 'answers[0].criterion');
        foreach (['', " \n "] as $nothing) {
            $this->handIn($nothing)->assertUnprocessable()->assertJsonPath('errors.0.path', 'answers[0].text');
        }
        $this->handIn(str_repeat('a', 2001))->assertUnprocessable();
        $this->postJson($this->address(), ['answers' => [['kind' => 'level'] + self::answer('x')]])->assertUnprocessable();
    }

    /** The mark comes from the level alone; the words go with it into package, seal and released page. */
    public function testWhatWasWrittenIsSealedWithItsMark(): void
    {
        $this->as('amina')->handIn('White stock, and the skin is rendered.')->assertOk();
        $before = $this->as('marit')->getJson("/api/v1/attempts/{$this->own->id}")->json('result');
        $this->as('amina')->handIn('White stock, skimmed.')->assertOk();
        self::assertSame($before, $this->as('marit')->getJson("/api/v1/attempts/{$this->own->id}")->json('result'));
        self::assertStringContainsString('deft-blade.assessment/5', (string) $this->getJson("/api/v1/assessments/{$this->own->assessment_id}/package")->assertOk()->getContent());
        $standard = Standard::read(Node::of($this->own->assessment()->firstOrFail()->held->document, 'standard'));
        $tray = new MadeUpTray($standard, Mass::ofMilligrams(1_800_000), new MadeUpHand(0.8, 0.8, 1_200), 'written', CarbonImmutable::now()->subHour());
        $tray->receive()->cut()->weigh()->inspect()->store($this->own->fresh() ?? $this->own, User::query()->where('name', 'Marit Oyelaran')->firstOrFail());
        $this->app?->make(RebuildResults::class)->rebuild();
        $this->as('marit')->postJson("/api/v1/assessments/{$this->own->assessment_id}/release", ['attempts' => [$this->own->id]])->assertOk()->assertJsonPath('released', 1);
        $released = $this->as('amina')->getJson("/api/v1/attempts/{$this->own->id}/released");
        $released->assertOk()->assertJsonPath('answers.0.answer', 'White stock, skimmed.')->assertJsonPath('answers.0.criterion', 'written-bones');
    }

    private function address(): string
    {
        return "/api/v1/attempts/{$this->own->id}/answers";
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function handIn(string $text): TestResponse
    {
        return $this->send([self::answer($text)]);
    }

    /**
     * @param list<array<string, mixed>> $answers
     *
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function send(array $answers): TestResponse
    {
        return $this->postJson($this->address(), ['answers' => $answers]);
    }

    /** @return array<string, mixed> */
    private static function answer(string $text): array
    {
        return ['id' => (string) Str::uuid7(), 'criterion' => 'written-bones', 'text' => $text];
    }

    private function clock(string $event): void
    {
        $this->mark(['kind' => 'clock', 'event' => $event, 'reason' => 'Mise was looked at by hand']);
    }

    /** @param array<string, mixed> $of */
    private function mark(array $of): void
    {
        $this->as('marit')->postJson("/api/v1/attempts/{$this->own->id}/captures", ['device' => 'Tablet', 'captures' => [['id' => (string) Str::uuid7(), 'at' => now()->format(Capture::AT_FORMAT)] + $of]])->assertOk();
    }
}
