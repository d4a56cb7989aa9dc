<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PublishedStandard;
use App\Models\StudentGroup;
use Illuminate\Support\Str;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** What an instructor sees of a group's practice, and sets it to do. */
final class GroupPracticeTest extends TestCase
{
    public function testHowMuchWasPractisedIsShownWhereTheSchoolSaysSoAndNeverWhatWasAnswered(): void
    {
        $address = '/api/v1/groups/'.self::group()->id.'/practice';
        $shown = $this->as('marit')->getJson($address)->assertOk();
        $students = (array) $shown->json('students');
        self::assertCount((int) $shown->json('size'), $students);
        self::assertSame(['answers', 'cards', 'days', 'id', 'name', 'standards', 'trays'], self::sorted(array_keys($students[0])));
        self::assertGreaterThan(0, array_sum(array_column($students, 'answers')));
        self::assertCount(14, (array) $shown->json('days'));
        foreach ($students as $it) {
            self::assertSame([], array_diff($it['days'], (array) $shown->json('days')));
        }
        self::assertContains('Chicken, eight pieces', array_merge(...array_column($students, 'standards')));
        // In the order of names: nobody is ranked.
        self::assertSame(self::sorted(array_column($students, 'name')), array_column($students, 'name'));

        $version = $this->as('ilse')->getJson('/api/v1/school')->headers->get('ETag');
        $this->patchJson('/api/v1/school', ['practice' => 'own'], ['If-Match' => (string) $version])->assertOk()->assertJsonPath('practice', 'own');
        $hidden = $this->as('marit')->getJson($address)->assertOk();
        self::assertNull($hidden->json('students'));
        self::assertSame([null], array_values(array_unique(array_column((array) $hidden->json('homework'), 'done'))));
        self::assertFalse($this->as('amina')->getJson('/api/v1/practice')->json('shown'));
    }

    /** By hand: what the sealed results say was lost, added up by what it was lost at, over all trays of that practical. */
    public function testWhatCostsMostIsWhatTheReleasedTraysLost(): void
    {
        $lost = (array) $this->as('marit')->getJson('/api/v1/groups/'.self::group()->id.'/practice')->json('lost');
        self::assertCount(3, $lost);
        $held = array_column($lost, 'held_on');
        $sorted = $held;
        rsort($sorted);
        self::assertSame($sorted, $held);
        foreach ($lost as $practical) {
            $sheet = $this->getJson("/api/v1/assessments/{$practical['assessment']}/sheet")->assertOk();
            $released = array_filter((array) $sheet->json('rows'), static fn(array $it): bool => $it['release_state'] !== 'unreleased');
            $points = array_column($practical['most'], 'points');
            $largest = $points;
            rsort($largest);
            self::assertSame($largest, $points);
            foreach ($practical['most'] as $it) {
                self::assertSame(count($released), $it['trays']);
                self::assertLessThanOrEqual($it['trays'], $it['times']);
                self::assertDoesNotMatchRegularExpression('/[{}]|\b(left|right)\b/i', $it['title']);
            }
        }
    }

    public function testDrillCardsSayWhatToAimAtAndTheStepWhereItIsDone(): void
    {
        $address = '/api/v1/groups/'.self::group()->id;
        $pdf = (new Parser())->parseContent((string) $this->as('marit')->get("$address/drills.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        $text = trim((string) preg_replace('/[\s\x{a0}]+/u', ' ', $pdf->getText()));
        $lost = (array) $this->getJson("$address/practice")->json('lost');
        $titles = array_column($lost[0]['most'], 'title');
        self::assertStringContainsString((string) array_values(array_diff($titles, ['Time', 'Frame', 'Yield', 'Pairs']))[0], $text);
        self::assertMatchesRegularExpression('/The whole tray presented in \d+:\d\d\./', $text);
        self::assertMatchesRegularExpression('/Step \d+: /', $text);
        self::assertDoesNotMatchRegularExpression('/[{}]/', $text);
        self::assertStringContainsString('never alone', $text);
        // A group of which nothing is released has none, and is told so.
        $empty = StudentGroup::query()->create(['name' => 'Dunlin', 'course' => 'Larder 1']);
        self::assertStringContainsString('nothing to drill', (new Parser())->parseContent((string) $this->get("/api/v1/groups/$empty->id/drills.pdf")->assertOk()->getContent())->getText());
    }

    public function testHomeworkIsSetForAGroupDoneByAStudentAndTakenBack(): void
    {
        $standard = PublishedStandard::latestOf('quail-split') ?? self::fail('no such standard');
        $homework = '/api/v1/groups/'.self::group()->id.'/homework/'.Str::uuid7();
        $until = now()->addDays(3)->toDateString();
        $this->as('marit')->putJson($homework, $said = ['standard' => $standard->id, 'kind' => 'card', 'until' => $until, 'note' => 'With a whole bird, if you can'])->assertNoContent();
        $this->putJson($homework, $said)->assertNoContent();
        $this->putJson($homework, ['note' => 'Otherwise'] + $said)->assertConflict();
        $own = fn(): array => array_values(array_filter((array) $this->getJson('/api/v1/practice')->json('homework'), static fn(array $it): bool => $it['standard'] === $standard->id));
        $this->as('amina');
        self::assertSame([['card', $until, 0, 'With a whole bird, if you can']], array_map(static fn(array $it): array => [$it['kind'], $it['until'], $it['done'], $it['note']], $own()));
        $this->travel(1)->minutes();
        $this->postJson("/api/v1/practice/$standard->id/facts", ['device' => 'phone', 'facts' => [['id' => (string) Str::uuid7(), 'at' => now()->format('Y-m-d\TH:i:s.v\Z'), 'kind' => 'followed']]])->assertNoContent();
        self::assertSame([1], array_column($own(), 'done'));
        // Sent once more it is not set anew; under its id nothing else is set, for this group or another.
        $this->as('marit')->putJson($homework, $said)->assertNoContent();
        $this->putJson($homework, ['kind' => 'tray'] + $said)->assertConflict();
        $other = StudentGroup::query()->create(['name' => 'Dunlin', 'course' => 'Larder 1']);
        $this->putJson(str_replace(self::group()->id, $other->id, $homework), ['standard' => $standard->id, 'kind' => 'card', 'until' => $until])->assertConflict();
        $set = fn(): array => array_values(array_filter((array) $this->as('marit')->getJson('/api/v1/groups/'.self::group()->id.'/practice')->json('homework'), static fn(array $it): bool => $it['standard'] === $standard->id));
        self::assertSame([1], array_column($set(), 'done'));
        $this->deleteJson($homework)->assertNoContent();
        $this->deleteJson($homework)->assertNoContent();
        self::assertSame([], $set());
    }

    public function testHomeworkThatIsNotRightIsRefusedInWords(): void
    {
        $homework = '/api/v1/groups/'.self::group()->id.'/homework/';
        $standard = PublishedStandard::query()->firstOrFail()->id;
        $this->as('marit')->putJson($homework.Str::uuid7(), ['standard' => $standard, 'kind' => 'card', 'until' => now()->subDay()->toDateString()])->assertUnprocessable()->assertJsonPath('errors.0.path', 'until');
        $this->putJson($homework.Str::uuid7(), ['standard' => (string) Str::uuid7(), 'kind' => 'card', 'until' => now()->addDay()->toDateString()])->assertUnprocessable()->assertJsonPath('errors.0.path', 'standard');
        $this->putJson($homework.Str::uuid7(), ['standard' => $standard, 'kind' => 'dance', 'until' => now()->addDay()->toDateString()])->assertUnprocessable()->assertJsonPath('errors.0.path', 'kind');
        $this->putJson($homework.'one', ['standard' => $standard, 'kind' => 'card', 'until' => now()->addDay()->toDateString()])->assertUnprocessable();
    }

    private static function group(): StudentGroup
    {
        return StudentGroup::query()->where('name', 'Sandpiper')->firstOrFail();
    }

    /**
     * @param array<int, mixed> $values
     *
     * @return array<int, mixed>
     */
    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }
}
