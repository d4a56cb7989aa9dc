<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\VerifySeals;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\PublishedStandard;
use App\Models\Release;
use App\Models\ReleaseSeal;
use App\Models\SchoolSetting;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Smalot\PdfParser\Parser;
use Tests\TestCase;

/** A result that a student was shown stays what they were shown; what came after it is another version. */
final class ReleasesTest extends TestCase
{
    public function testAResultIsReleasedOnceAndStaysWhileFactsMoveOn(): void
    {
        $this->release()->assertOk()->assertJson(['released' => 6]);
        $this->release()->assertOk()->assertJson(['released' => 0]);
        $attempt = $this->station(1);
        $sealed = $this->getJson("/api/v1/attempts/{$attempt->id}/released")->assertOk()->assertJsonPath('version', 1)->json('result');
        $this->mark($attempt);

        $row = $this->rowOf($attempt);
        self::assertSame('changed', $row['release_state']);
        self::assertNotSame($row['total'], $row['release']['total']);
        self::assertSame($sealed['total'], $row['release']['total']);
        $this->as('amina')->getJson("/api/v1/attempts/{$attempt->id}/released")->assertOk()->assertJsonPath('result', $sealed)->assertJsonPath('release_state', 'changed');
        $csv = (string) $this->as('marit')->get("/api/v1/assessments/{$this->practical()->id}/sheet.csv")->getContent();
        self::assertStringContainsString(',changed,1,', $csv);
    }

    public function testTheNextVersionNeedsAReasonAndTheStudentSeesBoth(): void
    {
        $this->release()->assertOk();
        $attempt = $this->station(1);
        $this->mark($attempt);
        $this->release(['attempts' => [$attempt->id]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'reason');
        $this->release(['attempts' => [$attempt->id], 'reason' => 'A chip was found in the tray'])->assertOk()->assertJson(['released' => 1]);
        $this->release(['attempts' => [$attempt->id], 'reason' => 'again'])->assertOk()->assertJson(['released' => 0]);

        $latest = $this->as('amina')->getJson("/api/v1/attempts/{$attempt->id}/released")->assertOk()->assertJsonPath('version', 2)->assertJsonPath('release_state', 'current');
        self::assertSame(['First issue', 'A chip was found in the tray'], array_column((array) $latest->json('releases'), 'reason'));
        $first = $this->getJson("/api/v1/attempts/{$attempt->id}/released?version=1")->assertOk()->assertJsonPath('version', 1);
        self::assertGreaterThan($latest->json('result.total'), $first->json('result.total'));
        $this->getJson("/api/v1/attempts/{$attempt->id}/released?version=3")->assertNotFound();
        $this->getJson("/api/v1/attempts/{$attempt->id}/released?version=last")->assertUnprocessable();
        self::assertContains(2, array_column((array) $this->getJson('/api/v1/results')->json(), 'version'));
    }

    public function testAReleasedResultIsOnePageWithWhatToChangeFirst(): void
    {
        $this->release()->assertOk();
        $attempt = $this->station(5);
        $page = $this->getJson("/api/v1/attempts/{$attempt->id}/released")->assertOk()->json();
        $costly = array_values(array_filter($page['result']['reasons'], static fn(array $it): bool => $it['lost'] > 0));
        self::assertSame(array_slice(array_column($costly, 'text'), 0, 3), array_column($page['worth'], 'text'));
        self::assertSame(array_slice(array_column($costly, 'lost'), 0, 3), array_column($page['worth'], 'points'));
        foreach ($page['worth'] as $index => $worth) {
            $figures = $costly[$index]['figures'];
            $criterion = array_column($page['standard']['criteria'], null, 'id')[$figures['criterion'] ?? ''] ?? null;
            self::assertSame($criterion['levels'][$figures['step'] ?? 0]['text'] ?? null, $worth['next']);
        }

        $print = fn(string $query): array => [$pdf = (new Parser())->parseContent((string) $this->get("/api/v1/attempts/{$attempt->id}/released.pdf$query")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent()), (string) preg_replace('/\s+/', ' ', $pdf->getText())];
        [$pdf, $text] = $print('');
        self::assertCount(1, $pdf->getPages());
        foreach ([$page['student'], $page['practical'], 'Version 1', number_format($page['result']['total'], 1), $page['result']['band'], 'What to change first', 'Right drumstick'] as $said) {
            self::assertStringContainsString($said, $text);
        }
        [$large] = $print('?print=large');
        self::assertGreaterThan(1, count($large->getPages()), 'letters of twice the size take more than a page');
        $this->getJson("/api/v1/attempts/{$attempt->id}/released.pdf?print=huge")->assertUnprocessable();
        $this->as('amina')->getJson("/api/v1/attempts/{$attempt->id}/released.pdf")->assertNotFound();
        $this->get("/api/v1/attempts/{$this->station(1)->id}/released.pdf?version=1")->assertOk();
    }

    public function testAnEntryThatChangesNoFigureIsToldApart(): void
    {
        $this->release()->assertOk();
        $attempt = $this->station(1);
        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", ['device' => 'test', 'captures' => [self::capture(['kind' => 'note', 'text' => 'Spoken with'])]])->assertOk();
        self::assertSame('entries_since', $this->rowOf($attempt)['release_state']);
    }

    public function testAnotherResultOfTheSameTotalIsAnotherResult(): void
    {
        $this->release()->assertOk();
        $attempt = $this->station(1);
        $total = $this->rowOf($attempt)['total'];
        $pieces = array_column((array) $this->getJson("/api/v1/attempts/{$attempt->id}/verdict")->assertOk()->json('result.pieces'), 'mass_mg', 'id');
        // A gram from one wing to the other: both stay within their windows.
        $weights = [self::capture(['kind' => 'piece', 'piece' => 'wing.left', 'mass_mg' => $pieces['wing.left'] + 1_000]), self::capture(['kind' => 'piece', 'piece' => 'wing.right', 'mass_mg' => $pieces['wing.right'] - 1_000])];
        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", ['device' => 'test', 'captures' => $weights])->assertOk();
        $row = $this->rowOf($attempt);
        self::assertSame([$total, 'changed'], [$row['total'], $row['release_state']]);
        $this->release(['attempts' => [$attempt->id], 'reason' => 'Weighed again'])->assertOk()->assertJson(['released' => 1]);
        self::assertSame('current', $this->rowOf($attempt)['release_state']);
    }

    public function testAResultThatIsNotFinalOrNotOfTheClassIsNotReleased(): void
    {
        $this->release(['attempts' => [$this->station(9)->id]])->assertUnprocessable()->assertJsonPath('errors.0.path', 'attempts');
        $other = $this->rehearsal()->attempts()->firstOrFail()->id;
        $this->release(['attempts' => [$other]])->assertUnprocessable();
        $this->release(['attempts' => ['nobody']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'attempts[0]');
        self::assertSame(0, Release::query()->whereIn('attempt_id', $this->practical()->attempts()->pluck('attempts.id'))->count());
    }

    public function testAReleasedPageIsDrawnFromTheSealAlone(): void
    {
        $attempt = $this->rehearsal()->attempts()->whereRelation('row', 'station', 1)->firstOrFail();
        $page = fn(): array => (array) $this->as('amina')->getJson("/api/v1/attempts/{$attempt->id}/released")->assertOk()->json();
        $before = $page();
        $this->as('marit')->patchJson('/api/v1/school', ['units' => 'us', 'time_zone' => 'Pacific/Auckland', 'words' => ['tender' => 'inner fillet', 'frame' => 'bones']], ['If-Match' => '"'.(SchoolSetting::latestChoice()->seq ?? 0).'"'])->assertOk();
        Student::query()->where('name', 'Amina Berhane')->update(['name' => 'Amina Berhane-Okafor']);
        $attempt->assessment->update(['title' => 'Another title', 'held_on' => '2020-01-01']);
        $this->moveTo($attempt, 40);
        $document = PublishedStandard::latestOf('chicken-eight-piece')->document ?? self::fail('no standard');
        $document->title = 'Chicken in eight, anew';
        $next = $this->as('marit')->postJson('/api/v1/standards', (array) $document)->assertOk()->json('item.id');
        $this->postJson("/api/v1/assessments/{$attempt->assessment_id}/standard", ['standard' => $next, 'reason' => 'The title was wrong'])->assertOk();

        $after = $page();
        unset($before['release_state'], $after['release_state']);
        self::assertSame($before, $after);
    }

    public function testEverySealIsVerifiedAndATamperedOneIsFound(): void
    {
        $this->release()->assertOk();
        $this->mark($this->station(1));
        $this->release(['attempts' => [$this->station(1)->id], 'reason' => 'A chip'])->assertOk();
        $verifying = $this->app?->make(VerifySeals::class) ?? self::fail('no application');
        $checked = iterator_to_array($verifying->verify());
        self::assertSame(Release::query()->count(), count($checked));
        self::assertGreaterThan(40, count($checked));
        self::assertSame([], array_filter($checked));

        $release = Release::query()->where('attempt_id', $this->station(2)->id)->firstOrFail();
        $seal = ReleaseSeal::query()->findOrFail($release->id);
        DB::statement('ALTER TABLE release_seals DISABLE TRIGGER append_only');
        $seal->update(['document' => str_replace('"mass_mg":', '"mass_mg": ', $seal->document)]);
        $wrong = array_filter(iterator_to_array($verifying->verify()));
        self::assertCount(1, $wrong);
        self::assertStringContainsString('SHA-256', reset($wrong));

        // Sealed anew with another mass in it, its digest right: it grades to another result.
        $changed = (string) preg_replace('/("kind":"piece","piece":"breast.left","mass_mg":)\s*\d+/', '${1}123000', $seal->document);
        self::assertNotSame($seal->document, $changed);
        $seal->update(['document' => $changed]);
        DB::statement('ALTER TABLE releases DISABLE TRIGGER append_only');
        $release->update(['seal_sha256' => hash('sha256', $changed)]);
        $wrong = array_filter(iterator_to_array($verifying->verify()));
        self::assertCount(1, $wrong);
        self::assertStringContainsString('grades to', reset($wrong));
    }

    public function testTheCommandSaysHowManyItChecked(): void
    {
        $count = Release::query()->count();
        $this->artisan('seal:verify')->expectsOutput("$count seals checked, 0 wrong.")->assertSuccessful();
    }

    public function testTheCommandFailsOverASealThatCannotBeGradedAndNamesIt(): void
    {
        $release = Release::query()->where('attempt_id', $this->station(2)->id)->first() ?? Release::query()->firstOrFail();
        $seal = ReleaseSeal::query()->findOrFail($release->id);
        $document = json_decode($seal->document);
        self::assertInstanceOf(\stdClass::class, $document);
        $document->package->policy->bands = [];
        $text = json_encode($document, JSON_THROW_ON_ERROR);
        DB::statement('ALTER TABLE release_seals DISABLE TRIGGER append_only');
        DB::statement('ALTER TABLE releases DISABLE TRIGGER append_only');
        $seal->update(['document' => $text]);
        $release->update(['seal_sha256' => hash('sha256', $text)]);
        $count = Release::query()->count();
        $this->artisan('seal:verify')
            ->expectsOutputToContain("attempt {$release->attempt_id}, version {$release->version}: cannot be graded: ")
            ->expectsOutput("$count seals checked, 1 wrong.")->assertFailed();
    }

    public function testATotalInTheListThatIsNotTheSealedOneIsFound(): void
    {
        $release = Release::query()->whereNotNull('total')->firstOrFail();
        DB::statement('ALTER TABLE releases DISABLE TRIGGER append_only');
        $release->update(['total' => 12.3]);
        $this->artisan('seal:verify')->expectsOutputToContain("attempt {$release->attempt_id}, version {$release->version}: the total in the list is not the sealed one")->assertFailed();
    }

    public function testReleasesAreListedWithoutTheirSeals(): void
    {
        DB::enableQueryLog();
        $this->as('marit')->getJson("/api/v1/assessments/{$this->rehearsal()->id}/sheet")->assertOk();
        $this->getJson('/api/v1/bench')->assertOk();
        $asked = implode("\n", array_column(DB::getQueryLog(), 'query'));
        self::assertStringNotContainsString('release_seals', $asked);
        self::assertDoesNotMatchRegularExpression('/^select [^()]+ from "captures"/m', $asked, 'captures are looked for, not read');
    }

    public function testAReleaseThatKeptNoDigestIsToldByItsTotalAndBand(): void
    {
        $this->release()->assertOk();
        $attempt = $this->station(1);
        DB::statement('ALTER TABLE releases DISABLE TRIGGER append_only');
        Release::query()->where('attempt_id', $attempt->id)->update(['last_seq' => 0, 'result_sha256' => '']);
        self::assertSame('current', $this->rowOf($attempt)['release_state']);
        $this->mark($attempt);
        self::assertSame('changed', $this->rowOf($attempt)['release_state']);
    }

    public function testABorderlineResultWaitsUntilASecondAssessorJudged(): void
    {
        $flagsOf = fn(Attempt $attempt): array => array_column((array) $this->rowOf($attempt)['flags'], 'text', 'flag');
        $borderline = $this->practical()->attempts()->get()->first(static fn(Attempt $it): bool => isset($flagsOf($it)['not_second_marked'])) ?? self::fail('the demo has no borderline tray');
        self::assertSame('borderline, one assessor', $flagsOf($borderline)['not_second_marked']);
        $waiting = fn(): array => array_column((array) $this->as('marit')->getJson('/api/v1/bench')->json('waiting'), 'text', 'attempt');
        self::assertSame('Borderline: a second assessor should see it', $waiting()[$borderline->id]);

        $judged = Capture::query()->where(['attempt_id' => $borderline->id, 'kind' => 'level'])->firstOrFail()->payload;
        $again = self::capture(['kind' => 'level', 'criterion' => $judged->criterion, 'level' => $judged->level, 'round' => 'second']);
        $this->as('teodor')->postJson("/api/v1/attempts/{$borderline->id}/captures", ['device' => 'test', 'captures' => [$again]])->assertOk();
        self::assertArrayNotHasKey('not_second_marked', $flagsOf($borderline));
        self::assertSame('borderline', $flagsOf($borderline)['borderline']);
        self::assertArrayNotHasKey($borderline->id, $waiting());
    }

    public function testReleasedResultsAreExportedAsAGradebook(): void
    {
        $before = $this->practical()->attempts()->whereHas('release')->count();
        self::assertSame(0, $before);
        $this->release(['attempts' => [$this->station(1)->id, $this->station(2)->id]])->assertOk();
        $path = (string) tempnam(sys_get_temp_dir(), 'results');
        file_put_contents($path, (string) $this->get("/api/v1/assessments/{$this->practical()->id}/results.zip")->assertOk()->getContent());
        $zip = new \ZipArchive();
        $zip->open($path);
        $rows = static fn(string $name): array => array_map(static fn(string $it): array => str_getcsv($it), explode("\n", trim(str_replace("\r", '', (string) $zip->getFromName("$name.csv")))));
        self::assertSame([['file.categories', 'bulk'], ['file.lineItems', 'bulk'], ['file.results', 'bulk']], array_slice($rows('manifest'), 3));
        [$header, $result] = $rows('results');
        $first = array_combine($header, $result);
        self::assertCount(3, $rows('results'), 'a header and two results');
        self::assertSame([$this->station(1)->student_id, $this->practical()->id, 'fully graded', $this->station(1)->row->band], [$first['studentSourcedId'], $first['lineItemSourcedId'], $first['scoreStatus'], $first['textScore']]);
        self::assertEqualsWithDelta($this->station(1)->row->total, (float) $first['score'], 1e-9);
        [$header, $item] = $rows('lineItems');
        self::assertSame([$this->practical()->student_group_id, '0', '100'], [array_combine($header, $item)['classSourcedId'], array_combine($header, $item)['resultValueMin'], array_combine($header, $item)['resultValueMax']]);
        unlink($path);
    }

    public function testARecordHoldsWhatOneStudentWasGivenLast(): void
    {
        $student = $this->station(1)->student;
        $rows = fn(string $days = ''): array => array_map(static fn(string $it): array => str_getcsv($it), explode("\r\n", trim((string) $this->as('ilse')->get("/api/v1/students/$student->id/record.csv$days")->assertOk()->getContent())));
        self::assertSame(['Truss first', 'Sea trout fillets', 'Chicken eight-piece, rehearsal', 'Skewer set'], array_column(array_slice($rows(), 1), 1));
        $this->release(['attempts' => [$this->station(1)->id]])->assertOk();
        $last = array_slice($rows(), -1)[0];
        self::assertSame(['Chicken eight-piece', 'Chicken, eight pieces', $this->station(1)->row->band, '1'], [$last[1], $last[2], $last[4], $last[5]]);
        self::assertCount(1, $rows('?from=2020-01-01&to=2020-06-01'));
        self::assertStringStartsWith('%PDF', (string) $this->get("/api/v1/students/$student->id/record.pdf")->assertOk()->getContent());
    }

    /** @param array<string, mixed> $body */
    private function release(array $body = []): TestResponse
    {
        return $this->as('marit')->postJson("/api/v1/assessments/{$this->practical()->id}/release", $body);
    }

    private function mark(Attempt $attempt): void
    {
        $this->as('marit')->postJson("/api/v1/attempts/{$attempt->id}/captures", ['device' => 'test', 'captures' => [self::capture(['kind' => 'fault', 'fault' => 'bone-chip'])]])->assertOk();
    }

    private function moveTo(Attempt $attempt, int $station): void
    {
        $fact = self::capture(['kind' => 'station', 'station' => $station, 'reason' => 'By the window']);
        $this->as('marit')->postJson("/api/v1/attempts/{$attempt->id}/captures", ['device' => 'test', 'captures' => [$fact]])->assertOk();
        self::assertSame('Marit Oyelaran', Capture::query()->with('user')->findOrFail($fact['id'])->user->name);
    }

    /** @return array<string, mixed> */
    private function rowOf(Attempt $attempt): array
    {
        $rows = array_column((array) $this->as('marit')->getJson("/api/v1/assessments/{$attempt->assessment_id}/sheet")->json('rows'), null, 'attempt');

        return (array) $rows[$attempt->id];
    }
}
