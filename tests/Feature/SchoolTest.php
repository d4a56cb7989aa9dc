<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PublishedStandard;
use App\Models\SchoolSetting;
use App\Models\Student;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class SchoolTest extends TestCase
{
    public function testAnInstructorChoosesAndEveryAnswerFollowsWhileDataStays(): void
    {
        $standard = PublishedStandard::query()->where('key', 'chicken-first-bone-set')->firstOrFail();
        $this->choose(['units' => 'us', 'words' => ['first-bone-breast' => 'airline breast', 'frame' => 'carcass', 'spelling' => 'us']])->assertOk();

        $view = $this->getJson("/api/v1/standards/{$standard->id}")->assertOk();
        self::assertContains('Left airline breast', array_column((array) $view->json('expected'), 'title'));
        self::assertStringNotContainsString('anitiser', (string) $view->getContent());
        $this->getJson('/api/v1/session')->assertJsonPath('units', 'us');
        $this->getJson('/api/v1/assessments/'.$this->practical()->id)->assertJsonPath('scrape_title', 'Carcass scrape');
        self::assertContains('Helped a neighbor', (array) $this->getJson('/api/v1/assessments/'.$this->practical()->id.'/floor')->json('praise'));

        self::assertStringContainsString(',Carcass,', (string) $this->get('/api/v1/assessments/'.$this->practical()->id.'/sheet.csv')->assertOk()->getContent());

        $verdict = $this->getJson('/api/v1/attempts/'.$this->station(3)->id.'/verdict')->assertOk();
        $reasons = implode(' ', array_column((array) $verdict->json('result.reasons'), 'text'));
        self::assertMatchesRegularExpression('/\d oz/', $reasons);
        self::assertDoesNotMatchRegularExpression('/\d g\b/', $reasons);

        $document = (string) $this->get("/api/v1/standards/{$standard->id}/document")->assertOk()->getContent();
        self::assertStringContainsString('Left {first-bone breast}', $document, 'a document says what was published');
        $pdf = (string) $this->get("/api/v1/standards/{$standard->id}/sheet.pdf?ap_mg=1850000")->assertOk()->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);
    }

    public function testADraftIsWrittenInTheWordsOfTheBookAndReadInThoseOfTheSchool(): void
    {
        $this->choose(['units' => 'metric', 'words' => ['first-bone-breast' => 'airline breast']])->assertOk();
        $document = (new ShippedDocuments())->standard('chicken-first-bone-set');
        $document->pieces[0]->window = (object) ['basis' => 'share', 'low' => 0.1, 'high' => 0.2];
        $check = $this->postJson('/api/v1/standards/check', (array) $document)->assertOk()->assertJsonPath('problems', []);
        self::assertSame('Left airline breast', ((array) $check->json('said'))['Left {first-bone breast}']);
        self::assertStringStartsWith('Left airline breast, window: ', $check->json('changes.0'));
        self::assertContains('Left {first-bone breast}', array_column((array) $check->json('expected'), 'title'));
    }

    public function testASchoolChangesTheStandardAndNotThePracticalThatWasSetUp(): void
    {
        $before = (string) $this->as('marit')->get("/api/v1/assessments/{$this->practical()->id}/package")->getContent();
        $this->choose(['units' => 'metric', 'variants' => ['oyster' => 'may-stay', 'stock-vegetables' => 'eighth']])->assertOk();
        $standard = PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail();
        $view = $this->getJson("/api/v1/standards/{$standard->id}")->assertOk();
        self::assertNotContains('oyster-missing', array_column((array) $view->json('document.faults'), 'id'));
        self::assertStringContainsString('an eighth of the bones', $view->json('uses.stock'));
        self::assertSame('school', array_column((array) $view->json('variants'), 'by', 'key')['oyster']);
        self::assertContains('Faults, no longer: Oyster missing', (array) $view->json('held'));
        self::assertSame($before, (string) $this->get("/api/v1/assessments/{$this->practical()->id}/package")->getContent());
    }

    public function testWhatIsNotOfferedIsRefusedAndNothingIsStored(): void
    {
        $before = SchoolSetting::query()->count();
        $this->choose(['units' => 'metric', 'words' => ['frame' => 'chassis']])
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'school.words.frame');
        self::assertSame($before, SchoolSetting::query()->count());
        $chosen = ['units' => 'us', 'words' => (object) []];
        $this->choose($chosen)->assertOk();
        $this->choose($chosen)->assertOk();
        self::assertSame($before + 1, SchoolSetting::query()->count(), 'choosing the same again writes nothing');
        foreach (['teodor', 'amina'] as $account) {
            $this->as($account)->patchJson('/api/v1/school', $chosen, ['If-Match' => '"'.(SchoolSetting::latestChoice()->seq ?? 0).'"'])->assertForbidden();
        }
        $this->as('amina')->getJson('/api/v1/school')->assertForbidden();
    }

    public function testADraftIsTriedOnTheSameMadeUpTrayAndNothingIsStored(): void
    {
        $document = (new ShippedDocuments())->standard('chicken-skewer-set');
        $try = fn(float $skill, float $care, string $seed): TestResponse => $this->as('marit')->postJson('/api/v1/standards/try', ['document' => $document, 'ap_mg' => 1_850_000, 'skill' => $skill, 'care' => $care, 'seed' => $seed]);
        $good = $try(1, 1, 'one')->assertOk()->assertJsonPath('status', 'final');
        self::assertEquals($good->json(), $try(1, 1, 'one')->json());
        self::assertGreaterThan($try(0.2, 0.2, 'one')->json('total'), $good->json('total'));
        self::assertNotEquals($good->json('pieces'), $try(1, 1, 'two')->json('pieces'));

        array_pop($document->pieces);
        $try(1, 1, 'one')->assertUnprocessable()->assertJsonStructure(['errors' => [['path', 'detail']]]);
        $this->as('teodor')->postJson('/api/v1/standards/try', [])->assertForbidden();
    }

    public function testEveryShippedStandardCanBeTriedAndEveryCarcassBegunFrom(): void
    {
        $shipped = new ShippedDocuments();
        $this->as('marit');
        foreach ($shipped->keys() as $key) {
            $tried = $this->postJson('/api/v1/standards/try', ['document' => $shipped->standard($key), 'ap_mg' => 2_000_000, 'skill' => 0.7, 'care' => 0.8, 'seed' => $key])->assertOk();
            self::assertSame(['final', 'balanced'], [$tried->json('status'), $tried->json('balance.state')], $key);
        }
        self::assertCount(count($shipped->carcasses()), (array) $this->getJson('/api/v1/carcasses')->assertOk()->json());
    }

    public function testAChangeSendsOnlyWhatChangesAndTakesItBack(): void
    {
        $this->choose(['units' => 'us'])->assertOk()->assertJsonPath('units', 'us');
        $this->choose(['words' => ['frame' => 'carcass']])->assertOk()->assertJsonPath('units', 'us');
        $school = $this->choose(['own' => ['Drumette' => 'wing drum', 'tender' => 'strip']])->assertOk()->assertJsonPath('own.0', ['book' => 'drumette', 'school' => 'wing drum']);
        self::assertSame('carcass', array_column((array) $school->json('words'), 'chosen', 'key')['frame']);
        $this->choose(['words' => ['frame' => null], 'own' => ['tender' => null]])->assertOk()->assertJsonCount(1, 'own')->assertJsonPath('units', 'us');
    }

    public function testAChangeOnAnOlderVersionIsToldWhatChangedAndStoresNothing(): void
    {
        $before = $this->version();
        $this->choose(['words' => ['frame' => 'carcass']])->assertOk();
        $this->choose(['time_zone' => 'Pacific/Auckland'])->assertOk();
        $count = SchoolSetting::query()->count();
        $this->as('ilse')->patchJson('/api/v1/school', ['words' => ['frame' => 'bones']], ['If-Match' => "\"$before\""])
            ->assertStatus(412)->assertJson(['type' => 'urn:deft-blade:problem:out-of-date', 'changed' => ['words.frame' => 'carcass', 'time_zone' => 'Pacific/Auckland']])
            ->assertHeader('ETag', "\"{$this->version()}\"")->assertJsonPath('detail', 'Marit Oyelaran changed this meanwhile. Look at it as it is now, then change it again.');
        self::assertSame($count, SchoolSetting::query()->count());
        $this->as('ilse')->patchJson('/api/v1/school', ['units' => 'us'])->assertStatus(428);
        $this->as('ilse')->patchJson('/api/v1/school', ['units' => 'us'], ['If-Match' => 'latest'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'If-Match');
        $this->as('ilse')->patchJson('/api/v1/school', ['units' => 'us'], ['If-Match' => "\"{$this->version()}\""])->assertOk();
    }

    public function testWhatPeopleWroteIsNeverReworded(): void
    {
        Student::query()->where('name', 'Kenji Moriwaki')->update(['name' => 'Kenji Shank']);
        $this->choose(['units' => 'us', 'own' => ['shank' => 'fore shank']])->assertOk();
        $attempt = $this->station(4);
        $this->postJson("/api/v1/attempts/{$attempt->id}/captures", ['device' => 'test', 'captures' => [self::capture(['kind' => 'note', 'text' => 'ordered 2000 kg of shank {frame}'])]])->assertOk();
        $floor = $this->getJson('/api/v1/assessments/'.$this->practical()->id.'/floor')->assertOk();
        self::assertSame('Kenji Shank', $floor->json('stations.3.student'));
        self::assertSame('ordered 2000 kg of shank {frame}', $floor->json('stations.3.last.0.text'));
    }

    /** @param array<string, mixed> $choices */
    private function choose(array $choices): TestResponse
    {
        return $this->as('marit')->patchJson('/api/v1/school', $choices, ['If-Match' => "\"{$this->version()}\""]);
    }

    private function version(): int
    {
        return SchoolSetting::latestChoice()->seq ?? 0;
    }
}
