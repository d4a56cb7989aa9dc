<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PublishedStandard;
use App\Models\Student;
use App\Models\StudentGroup;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A method card is called to a class, and every screen is told where it stands. */
final class CalledTest extends TestCase
{
    private string $card;

    protected function setUp(): void
    {
        parent::setUp();
        $this->card = (string) Str::uuid7();
        $standard = PublishedStandard::latestOf('chicken-eight-piece') ?? self::fail('no such standard');
        $this->as('marit')->putJson("/api/v1/called/$this->card", ['standard' => $standard->id])->assertOk()->assertJsonPath('step', -1)->assertJsonPath('by', 'Marit Oyelaran');
    }

    public function testAnInstructorGoesToAStepAndSeesWhoIsDoneAndWhoNeedsHelp(): void
    {
        $this->say('step', 0);
        $this->as('amina')->say('joined');
        $this->as('tomasz')->say('joined');
        $this->say('help', 0)->assertJsonPath('own', 'help')->assertJsonPath('help', null);
        $this->as('amina')->say('done', 0)->assertJsonPath('own', 'done');
        $seen = $this->as('marit')->getJson("/api/v1/called/$this->card")->assertOk();
        self::assertSame([0, 2, 1, 1], [$seen->json('step'), $seen->json('following'), $seen->json('done'), count((array) $seen->json('help'))]);
        // One who was helped goes on; what was said of an earlier step is over with it.
        $this->as('tomasz')->say('done', 0);
        self::assertSame([2, []], [$this->as('marit')->getJson("/api/v1/called/$this->card")->json('done'), $this->getJson("/api/v1/called/$this->card")->json('help')]);
        $this->say('step', 1)->assertJsonPath('done', 0)->assertJsonPath('following', 2);
        $this->as('amina')->getJson("/api/v1/called/$this->card")->assertJsonPath('step', 1)->assertJsonPath('own', null);
        // Late for the step before: it is not done with this one.
        $this->say('done', 0)->assertJsonPath('own', null);
    }

    public function testStudentsFindWhatIsCalledNowUntilItIsEnded(): void
    {
        $now = fn(): array => array_column((array) $this->as('amina')->getJson('/api/v1/called')->assertOk()->json(), 'title', 'id');
        self::assertStringStartsWith('Chicken', $now()[$this->card]);
        $this->as('marit')->say('ended')->assertJsonPath('over', true);
        self::assertArrayNotHasKey($this->card, $now());
        $this->say('done', 0)->assertConflict();
    }

    public function testACardThatIsCalledToOneGroupIsToldToNoOther(): void
    {
        $own = Student::query()->where('name', 'Amina Berhane')->firstOrFail()->student_group_id;
        $other = StudentGroup::query()->create(['name' => 'Curlew', 'course' => 'Larder 1'])->id;
        $standard = PublishedStandard::latestOf('quail-split') ?? self::fail('no such standard');
        $called = [];
        foreach (['own' => $own, 'other' => $other] as $name => $group) {
            $called[$name] = (string) Str::uuid7();
            $this->as('marit')->putJson("/api/v1/called/$called[$name]", ['standard' => $standard->id, 'group' => $group])->assertOk();
        }
        $told = fn(string $account): array => array_column((array) $this->as($account)->getJson('/api/v1/called')->assertOk()->json(), 'id');
        self::assertEqualsCanonicalizing([$this->card, $called['own']], $told('amina'));
        self::assertEqualsCanonicalizing([$this->card, ...array_values($called)], $told('teodor'));
        // Sent again it is the same; to another group it is another.
        $this->as('marit')->putJson("/api/v1/called/$called[own]", ['standard' => $standard->id, 'group' => $own])->assertOk();
        $this->putJson("/api/v1/called/$called[own]", ['standard' => $standard->id, 'group' => null])->assertConflict();
        $this->putJson('/api/v1/called/'.Str::uuid7(), ['standard' => $standard->id, 'group' => (string) Str::uuid7()])->assertNotFound();
    }

    public function testOneThatNobodyEndedIsOverByTheEvening(): void
    {
        $this->travel(7)->hours();
        self::assertSame([], $this->as('amina')->getJson('/api/v1/called')->json());
        $this->say('joined')->assertConflict();
    }

    public function testOnlyWhoTeachesCallsAndEachIdCountsOnce(): void
    {
        $this->as('amina')->say('step', 2)->assertForbidden();
        $this->say('ended')->assertForbidden();
        $this->as('ilse')->putJson('/api/v1/called/'.Str::uuid7(), ['standard' => (string) Str::uuid7()])->assertForbidden();
        $this->as('marit')->putJson('/api/v1/called/'.Str::uuid7(), ['standard' => (string) Str::uuid7()])->assertNotFound();
        $entry = (string) Str::uuid7();
        $this->say('step', 2, $entry)->assertOk();
        $this->say('step', 2, $entry)->assertOk()->assertJsonPath('step', 2);
        $this->say('step', 3, $entry)->assertConflict();
        $this->say('step', 400)->assertUnprocessable()->assertJsonPath('errors.0.path', 'step');
        $this->say('dance')->assertUnprocessable()->assertJsonPath('errors.0.path', 'kind');
    }

    private function say(string $kind, ?int $step = null, ?string $entry = null): TestResponse
    {
        return $this->putJson("/api/v1/called/$this->card/entries/".($entry ?? (string) Str::uuid7()), ['kind' => $kind] + ($step === null ? [] : ['step' => $step]));
    }
}
