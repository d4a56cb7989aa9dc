<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\AddCaptures;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\BriefChange;
use App\Models\Capture;
use App\Models\User;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\PlansPracticals;
use Tests\TestCase;

/** What becomes of a practical after it was set: put off, cancelled, or a rehearsal that counts for nothing. */
final class BriefChangesTest extends TestCase
{
    use PlansPracticals;

    public function testIsPutOffWithItsReasonAndEverythingFollows(): void
    {
        $practical = $this->setUpCrown();
        [$starts, $ends] = [$practical->starts_at, $practical->ends_at];
        $day = $this->today()->addDays(3)->toDateString();
        $this->postpone($day, '10:30')->assertOk()
            ->assertJsonPath('document.day', $day)->assertJsonPath('document.start', '10:30')->assertJsonPath('cancelled', null)
            ->assertJsonPath('changes.0.was_day', $this->tomorrow())->assertJsonPath('changes.0.reason', 'The oven is out')->assertJsonPath('changes.0.by', 'Marit Oyelaran');
        $practical->refresh();
        self::assertSame([$day, '10:30'], [$practical->held_on->toDateString(), $practical->starts_at?->format('H:i')]);
        self::assertEquals($starts?->diffInSeconds($ends), $practical->starts_at?->diffInSeconds($practical->ends_at), 'it lasts as long');
        self::assertContains($day, array_column((array) $this->getJson('/api/v1/bench')->json('coming'), 'held_on'));
        self::assertContains("Crown is put off from {$this->tomorrow()} 09:00 to $day 10:30: The oven is out", array_column((array) $this->as('ilse')->getJson('/api/v1/changes')->json('changes'), 'text'));
        $this->as('marit')->postpone($day, '10:30')->assertOk();
        self::assertSame(1, BriefChange::query()->count(), 'sent again it is put off once');
    }

    public function testIsNotPutOffIntoThePastWithoutAReasonOrOnceItHasBegun(): void
    {
        $practical = $this->setUpCrown();
        $this->postpone($this->today()->subDay()->toDateString(), '10:30')->assertUnprocessable()->assertJsonPath('errors.0.path', 'day');
        $this->postpone($this->today()->addDay()->toDateString(), '10:30', '')->assertUnprocessable()->assertJsonPath('errors.0.path', 'reason');
        $first = Attempt::query()->where('assessment_id', $practical->id)->firstOrFail();
        $this->postJson("/api/v1/attempts/{$first->id}/captures", ['device' => 'test', 'offset_ms' => 0, 'captures' => [self::capture(['kind' => 'mise', 'open' => []])]])->assertOk();
        $this->postpone($this->today()->addDays(3)->toDateString(), '10:30')->assertConflict();
        self::assertSame($this->tomorrow(), $practical->refresh()->held_on->toDateString());
    }

    /** What students handed in ahead of it goes along to the other day. */
    public function testIsPutOffThoughSomethingWasHandedIn(): void
    {
        $first = Attempt::query()->where('assessment_id', $this->setUpCrown()->id)->firstOrFail();
        $answer = (object) ['id' => (string) Str::uuid7(), 'at' => now()->format(Capture::AT_FORMAT), 'kind' => 'answer', 'criterion' => 'board', 'text' => 'White stock.'];
        $this->app?->make(AddCaptures::class)->add($first, [$answer], User::query()->where('name', 'Amina Berhane')->firstOrFail(), 'hand-in');
        $this->postpone($this->today()->addDays(3)->toDateString(), '10:30')->assertOk();
        self::assertTrue(Capture::query()->whereKey($answer->id)->exists());
    }

    public function testACancelledOneStaysAndNothingOfItWaits(): void
    {
        $practical = $this->setUpCrown();
        $this->cancel()->assertOk()->assertJsonPath('cancelled', 'No birds came')->assertJsonPath('changes.0.day', null);
        $this->cancel()->assertOk()->assertJsonCount(1, 'changes');
        $coming = array_column((array) $this->getJson('/api/v1/bench')->json('coming'), null, 'id');
        self::assertSame('No birds came', $coming[$practical->id]['cancelled']);
        $this->getJson("/api/v1/assessments/{$practical->id}/floor")->assertJsonPath('cancelled', 'No birds came');
        $this->getJson("/api/v1/assessments/{$practical->id}/sheet")->assertJsonPath('cancelled', 'No birds came');
        $this->postpone($this->today()->addDays(3)->toDateString(), '10:30')->assertConflict();
        $link = (string) $this->postJson('/api/v1/calendars', ['room' => null])->json('address');
        self::assertStringContainsString('STATUS:CANCELLED', (string) $this->get($link)->getContent());
    }

    public function testOneOfWhichAResultWasReleasedIsNotCancelled(): void
    {
        $practical = $this->practical();
        $this->setUpCrown();
        $practical->update(['brief_id' => $this->id]);
        $this->postJson("/api/v1/assessments/{$practical->id}/release", [])->assertOk();
        $this->cancel()->assertConflict()->assertJsonPath('detail', 'A result of this practical was released already; it cannot be cancelled.');
        self::assertNull($practical->refresh()->cancelled);
        self::assertSame(0, BriefChange::query()->count());
    }

    public function testOneThatIsNotSetIsChangedInItsBrief(): void
    {
        $this->as('marit')->save(self::brief(), 0)->assertOk();
        $this->cancel()->assertConflict();
        $this->postpone($this->today()->addDays(3)->toDateString(), '10:30')->assertConflict();
    }

    public function testNothingOfARehearsalIsReleasedOrTried(): void
    {
        $practical = $this->practical();
        $this->as('marit')->getJson("/api/v1/assessments/{$practical->id}/sheet")->assertJsonPath('is_rehearsal', false);
        $tried = count((array) $this->tryPolicy()->json('classes'));
        Assessment::query()->whereKey($practical->id)->update(['is_rehearsal' => true]);
        $this->postJson("/api/v1/assessments/{$practical->id}/release", [])->assertConflict()->assertJsonPath('detail', 'A rehearsal counts for nothing: nothing of it is released.');
        self::assertNotContains($practical->id, array_column((array) $this->tryPolicy()->json('classes'), 'assessment'));
        self::assertGreaterThan(0, $tried);
        $waiting = array_filter((array) $this->getJson('/api/v1/bench')->json('waiting'), static fn(mixed $it): bool => data_get($it, 'kind') === 'release' && data_get($it, 'assessment') === $practical->id);
        self::assertSame([], $waiting);
    }

    private function tryPolicy(): TestResponse
    {
        return $this->postJson('/api/v1/policy/try', (array) $this->getJson('/api/v1/policy')->json('document'))->assertOk();
    }

    private function setUpCrown(): Assessment
    {
        $this->as('marit')->save(self::brief(['is_rehearsal' => false]), 0)->assertOk();

        return Assessment::query()->findOrFail($this->set(1)->assertOk()->json('assessments.0'));
    }

    private function postpone(string $day, string $start, string $reason = 'The oven is out'): TestResponse
    {
        return $this->postJson("/api/v1/briefs/{$this->id}/postpone", ['day' => $day, 'start' => $start, 'reason' => $reason]);
    }

    private function cancel(): TestResponse
    {
        return $this->postJson("/api/v1/briefs/{$this->id}/cancel", ['reason' => 'No birds came']);
    }
}
