<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SchoolSetting;
use App\Models\PublishedStandard;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class SchoolTest extends TestCase
{
    public function testAnInstructorChoosesAndEveryAnswerFollowsWhileDataStays(): void
    {
        $standard = PublishedStandard::query()->where('key', 'chicken-first-bone-set')->firstOrFail();
        $this->choose(['units' => 'us', 'words' => ['first-bone-breast' => 'airline breast', 'frame' => 'carcass', 'spelling' => 'us'], 'variants' => (object) []])->assertOk();

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
        self::assertStringContainsString('Left first-bone breast', $document, 'a document says what was published');
        $pdf = (string) $this->get("/api/v1/standards/{$standard->id}/sheet.pdf?ap_mg=1850000")->assertOk()->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);
    }

    public function testADraftIsWrittenInTheWordsOfTheBookAndReadInThoseOfTheSchool(): void
    {
        $this->choose(['units' => 'metric', 'words' => ['first-bone-breast' => 'airline breast'], 'variants' => (object) []])->assertOk();
        $document = (new ShippedDocuments())->standard('chicken-first-bone-set');
        $document->pieces[0]->window = (object) ['basis' => 'share', 'low' => 0.1, 'high' => 0.2];
        $check = $this->postJson('/api/v1/standards/check', (array) $document)->assertOk()->assertJsonPath('problems', []);
        self::assertSame('Left airline breast', ((array) $check->json('said'))['Left first-bone breast']);
        self::assertStringStartsWith('Left airline breast, window: ', $check->json('changes.0'));
        self::assertContains('Left first-bone breast', array_column((array) $check->json('expected'), 'title'));
    }

    public function testASchoolChangesTheStandardAndNotThePracticalThatWasSetUp(): void
    {
        $before = (string) $this->as('marit')->get("/api/v1/assessments/{$this->practical()->id}/package")->getContent();
        $this->choose(['units' => 'metric', 'words' => (object) [], 'variants' => ['oyster' => 'may-stay', 'stock-vegetables' => 'eighth']])->assertOk();
        $standard = PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail();
        $view = $this->getJson("/api/v1/standards/{$standard->id}")->assertOk();
        self::assertNotContains('oyster-missing', array_column((array) $view->json('document.faults'), 'id'));
        self::assertStringContainsString('an eighth of the bones', $view->json('uses.stock'));
        self::assertSame('school', array_column((array) $view->json('variants'), 'by', 'key')['oyster']);
        self::assertContains('Fault gone: Oyster missing', (array) $view->json('held'));
        self::assertSame($before, (string) $this->get("/api/v1/assessments/{$this->practical()->id}/package")->getContent());
    }

    public function testWhatIsNotOfferedIsRefusedAndNothingIsStored(): void
    {
        $this->choose(['units' => 'metric', 'words' => ['frame' => 'chassis'], 'variants' => (object) []])
            ->assertUnprocessable()->assertJsonPath('errors.0.path', 'school.words.frame');
        self::assertSame(0, SchoolSetting::query()->count());
        $chosen = ['units' => 'us', 'words' => (object) [], 'variants' => (object) []];
        $this->choose($chosen)->assertOk();
        $this->choose($chosen)->assertOk();
        self::assertSame(1, SchoolSetting::query()->count(), 'choosing the same again writes nothing');
        foreach (['teodor', 'ilse', 'amina'] as $account) {
            $this->as($account)->putJson('/api/v1/school', $chosen)->assertForbidden();
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

    /** @param array<string, mixed> $choices */
    private function choose(array $choices): TestResponse
    {
        return $this->as('marit')->putJson('/api/v1/school', $choices);
    }
}
