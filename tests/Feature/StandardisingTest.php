<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\PublishedStandard;
use App\Models\StandardisingSet;
use App\Models\User;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Assessors judge trays without names alone, then compare. */
final class StandardisingTest extends TestCase
{
    private string $set;

    /** @var list<Attempt> */
    private array $attempts;

    protected function setUp(): void
    {
        parent::setUp();
        $this->set = (string) Str::uuid7();
        $this->attempts = array_values(Attempt::query()->with('student')->whereHas('release')->whereRelation('assessment', 'title', 'Truss first')->whereRelation('row', 'second_open', '[]')->limit(3)->get()->all());
    }

    public function testASetIsMadeOfThreeToSixReleasedTraysOfOnePractical(): void
    {
        $ids = array_map(static fn(Attempt $it): string => $it->id, $this->attempts);
        $other = Attempt::query()->whereHas('release')->whereRelation('assessment', 'title', 'Skewer set')->firstOrFail()->id;
        $this->as('teodor')->make($ids)->assertForbidden();
        $this->as('marit')->make(array_slice($ids, 0, 2))->assertUnprocessable()->assertJsonPath('errors.0.path', 'attempts');
        $this->make([$ids[0], $ids[0], $ids[0]])->assertUnprocessable();
        $this->make([$ids[0], $ids[1], $other])->assertConflict();
        $this->make([$ids[0], $ids[1], $this->station(1)->id])->assertConflict();
        $this->make($ids)->assertOk()->assertJsonCount(3, 'trays')->assertJsonPath('trays.2.label', 'C');
        $this->make($ids)->assertOk();
        $this->make(array_reverse($ids))->assertConflict();
    }

    public function testASetWithoutATitleOrOfMoreThanSixIsRefusedWhereItIsWrong(): void
    {
        $ids = array_map(static fn(Attempt $it): string => $it->id, $this->attempts);
        $send = fn(string $title, array $attempts): TestResponse => $this->as('marit')->putJson("/api/v1/standardising/{$this->set}", ['title' => $title, 'attempts' => $attempts]);
        $send('  ', $ids)->assertUnprocessable()->assertJsonPath('errors.0.path', 'title');
        $send('Before the exam', array_map(static fn(): string => (string) Str::uuid7(), range(1, 7)))->assertUnprocessable()->assertJsonPath('errors.0.path', 'attempts');
        $send('Before the exam', ['no tray', ...$ids])->assertUnprocessable()->assertJsonPath('errors.0.path', 'attempts[0]');
        self::assertSame(0, StandardisingSet::query()->whereKey($this->set)->count());
        $send(' Before the exam ', $ids)->assertOk()->assertJsonPath('title', 'Before the exam');
    }

    public function testNothingInASetSaysWhoseATrayIs(): void
    {
        $named = $this->attempts[0];
        foreach (['Amina cut well: '.$named->student->name, 'The knot slipped twice'] as $text) {
            $this->as('marit')->postJson("/api/v1/attempts/{$named->id}/captures", ['device' => 'Tablet', 'captures' => [self::capture(['kind' => 'note', 'text' => $text])]])->assertOk();
        }
        $this->makeUsual();
        $answer = $this->as('ilse')->getJson("/api/v1/standardising/{$this->set}")->assertOk();
        $text = (string) $answer->getContent();
        foreach ($this->attempts as $attempt) {
            foreach ([$attempt->id, $attempt->student_id, ...explode(' ', $attempt->student->name)] as $leak) {
                self::assertStringNotContainsString($leak, $text);
            }
        }
        self::assertStringContainsString('The knot slipped twice', $text);
        foreach (['"station":', 'Distinction', 'Merit'] as $leak) {
            self::assertStringNotContainsString($leak, $text);
        }
        $answer->assertJsonPath('trays.0.result.total', null)->assertJsonPath('trays.0.result.band', null)->assertJsonPath('trays.0.result.reasons', [])->assertJsonPath('trays.0.result.components', []);
        self::assertNotNull($answer->json('trays.0.result.pieces.0.mass_mg'));
    }

    public function testStudentsPractiseWithWhatIsShownThem(): void
    {
        Storage::fake();
        $bytes = (string) base64_decode(PhotosTest::PLAIN, true);
        $sha256 = hash('sha256', $bytes);
        $attempt = $this->attempts[0];
        $this->as('marit')->call('PUT', "/api/v1/attempts/$attempt->id/photos/$sha256", server: ['CONTENT_TYPE' => 'image/jpeg'], content: $bytes)->assertNoContent();
        $this->postJson("/api/v1/attempts/$attempt->id/captures", ['device' => 'Tablet', 'captures' => [self::capture(['kind' => 'photo', 'file' => "$sha256.jpg", 'sha256' => $sha256])]])->assertOk();
        $this->makeUsual();
        $standard = PublishedStandard::query()->where('key', 'chicken-truss-first')->firstOrFail();
        $criteria = (array) data_get($standard->document, 'criteria');
        $pictured = array_values(array_filter($criteria, static fn(mixed $it): bool => data_get($it, 'component') === 'presentation'))[0];
        $id = data_get($pictured, 'id');
        $reference = ['kind' => 'reference', 'tray' => 'A', 'criterion' => $id, 'level' => 1, 'reason' => 'One end is loose'];
        $asked = fn(): array => array_values(array_filter((array) $this->as('amina')->getJson("/api/v1/practice/$standard->id/quiz?round=one")->assertOk()->json(), static fn(array $it): bool => $it['kind'] === 'picture'));
        $this->as('marit')->take(['kind' => 'shown', 'shown' => true])->assertConflict();
        $this->take(['kind' => 'level', 'tray' => 'A', 'criterion' => $id, 'level' => 1])->assertOk();
        $this->take(['kind' => 'opened'])->assertOk();
        $this->take($reference)->assertOk()->assertJsonPath('is_shown', false);
        self::assertSame([], $asked());
        $this->as('teodor')->take(['kind' => 'shown', 'shown' => true])->assertForbidden();
        $this->as('marit')->take(['kind' => 'shown'])->assertUnprocessable();
        $this->take(['kind' => 'shown', 'shown' => true])->assertOk()->assertJsonPath('is_shown', true);
        $question = $asked()[0];
        self::assertSame([[$sha256], 1, array_column((array) data_get($pictured, 'levels'), 'text')], [$question['pictures'], $question['right'], $question['options']]);
        self::assertStringContainsString('One end is loose', $question['why']);
        self::assertStringNotContainsString($attempt->student->name, json_encode($question, JSON_THROW_ON_ERROR));
        $picture = fn(): TestResponse => $this->as('amina')->get("/api/v1/practice/$standard->id/pictures/$sha256");
        self::assertSame($bytes, $picture()->assertOk()->getContent());
        $this->as('marit')->take(['kind' => 'shown', 'shown' => false])->assertOk();
        $picture()->assertNotFound();
        self::assertSame([], $asked());
    }

    public function testEverybodyJudgesAloneUntilItIsOpened(): void
    {
        $this->makeUsual();
        foreach (['marit' => 3, 'teodor' => 1, 'ilse' => 4] as $account => $level) {
            $this->as($account)->take(['kind' => 'level', 'tray' => 'A', 'criterion' => 'board', 'level' => $level - 1])->assertOk();
            $answer = $this->take(['kind' => 'level', 'tray' => 'A', 'criterion' => 'board', 'level' => $level])->assertOk();
            $board = self::look($answer, 'board');
            self::assertSame([$level, [], null, null], [$board['yours'], $board['given'], $board['spread'], $board['reference']]);
        }
        $this->take(['kind' => 'reference', 'tray' => 'A', 'criterion' => 'board', 'level' => 2, 'reason' => 'x'])->assertConflict();
        $this->take(['kind' => 'finished'])->assertOk()->assertJsonPath('finished', ['Ilse Karimova'])->assertJsonPath('is_finished', true);
        $this->take(['kind' => 'level', 'tray' => 'A', 'criterion' => 'board', 'level' => 0])->assertConflict();
        $this->as('teodor')->take(['kind' => 'opened'])->assertForbidden();
        $this->as('marit')->take(['kind' => 'opened'])->assertOk()->assertJsonPath('is_open', true);
        $this->as('teodor')->take(['kind' => 'level', 'tray' => 'A', 'criterion' => 'board', 'level' => 0])->assertConflict();
        $board = self::look($this->getJson("/api/v1/standardising/{$this->set}"), 'board');
        self::assertEqualsCanonicalizing([['Marit Oyelaran', 3], ['Teodor Vance', 1], ['Ilse Karimova', 4]], array_map(static fn(mixed $it): array => [data_get($it, 'by'), data_get($it, 'level')], (array) $board['given']));
        self::assertSame(3, $board['spread']);
    }

    public function testTheLeadFixesTheReferenceAndEverybodyIsHeldAgainstIt(): void
    {
        $this->makeUsual();
        $this->as('teodor')->take(['kind' => 'level', 'tray' => 'A', 'criterion' => 'board', 'level' => 1])->assertOk();
        $this->take(['kind' => 'level', 'tray' => 'B', 'criterion' => 'board', 'level' => 3])->assertOk();
        $this->as('marit')->take(['kind' => 'opened'])->assertOk();
        $this->take(['kind' => 'reference', 'tray' => 'A', 'criterion' => 'board', 'level' => 2, 'reason' => ' '])->assertUnprocessable()->assertJsonPath('errors.0.path', 'reason');
        $this->as('teodor')->take(['kind' => 'reference', 'tray' => 'A', 'criterion' => 'board', 'level' => 2, 'reason' => 'So it says'])->assertForbidden();
        $this->as('marit')->take(['kind' => 'reference', 'tray' => 'A', 'criterion' => 'board', 'level' => 2, 'reason' => 'So it says'])->assertOk();
        $answer = $this->take(['kind' => 'reference', 'tray' => 'B', 'criterion' => 'board', 'level' => 3, 'reason' => 'So it says'])->assertOk();
        self::assertSame(['level' => 2, 'by' => 'Marit Oyelaran', 'reason' => 'So it says'], self::look($answer, 'board')['reference']);
        $answer->assertJsonPath('against.0.name', 'Teodor Vance')->assertJsonPath('against.0.levels', 2)->assertJsonPath('against.0.exact', 0.5)->assertJsonPath('against.0.mean_difference', -0.5);
    }

    public function testWhatASetDoesNotHaveIsRefusedWithItsPlace(): void
    {
        $this->makeUsual();
        $this->as('teodor');
        foreach ([['tray' => 'Z', 'criterion' => 'board', 'level' => 0, 'at' => 'tray'], ['tray' => 'A', 'criterion' => 'none', 'level' => 0, 'at' => 'criterion'], ['tray' => 'A', 'criterion' => 'board', 'level' => 99, 'at' => 'level']] as $wrong) {
            $this->take(['kind' => 'level'] + array_diff_key($wrong, ['at' => 1]))->assertUnprocessable()->assertJsonPath('errors.0.path', $wrong['at']);
        }
        $this->take(['kind' => 'finished'])->assertConflict();
        $this->getJson("/api/v1/standardising/{$this->set}/photos/".str_repeat('0', 64))->assertNotFound();
    }

    public function testWhoIsAtASecondLookOfOneOfItsTraysIsNotShownTheSet(): void
    {
        $teodor = User::query()->where('email', 'teodor@tollgate-quay.example')->firstOrFail();
        $set = StandardisingSet::query()->where('title', 'Skewer set, before the exam')->firstOrFail();
        $attempt = $set->attempts[0];
        $this->as('marit')->postJson("/api/v1/attempts/$attempt/captures", ['device' => 'Tablet', 'captures' => [self::capture(['kind' => 'second_look', 'event' => 'asked', 'marker' => $teodor->id])]])->assertOk();
        $this->as('teodor')->getJson("/api/v1/standardising/$set->id")->assertConflict();
        $this->as('ilse')->getJson("/api/v1/standardising/$set->id")->assertOk();
    }

    private function makeUsual(): void
    {
        $this->as('marit')->make(array_map(static fn(Attempt $it): string => $it->id, $this->attempts))->assertOk();
    }

    /**
     * @param list<string> $attempts
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function make(array $attempts): TestResponse
    {
        return $this->putJson("/api/v1/standardising/{$this->set}", ['title' => 'Before the exam', 'attempts' => $attempts]);
    }

    /**
     * @param array<string, mixed> $step
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function take(array $step): TestResponse
    {
        return $this->putJson("/api/v1/standardising/{$this->set}/entries/".Str::uuid7(), $step);
    }

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer
     *
     * @return array<string, mixed> of the first tray
     */
    private static function look(TestResponse $answer, string $criterion): array
    {
        return (array) collect((array) $answer->json('trays.0.looks'))->firstWhere('criterion', $criterion);
    }
}
