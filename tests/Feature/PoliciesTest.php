<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\SetUpPractical;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The school's own grading policy: tried on the last classes, published in versions, and never turned on what is set up already. */
final class PoliciesTest extends TestCase
{
    public function testAPolicyBecomesTheNextVersionAndHoldsForWhatIsSetUpFromThenOn(): void
    {
        $before = (string) $this->as('ilse')->get("/api/v1/assessments/{$this->practical()->id}/package")->getContent();
        $document = self::document();
        $document->bands[2]->min = 50;
        $document->places = 0;
        $published = $this->publish($document, 1)->assertOk()->assertHeader('ETag', '"2"')->assertJsonPath('version', 2)->assertJsonPath('document.version', 2)->assertJsonPath('document.key', 'house');
        self::assertSame(['Pass, from: 60 → 50', 'Decimal places: 1 → 0'], $published->json('versions.0.changes'));
        self::assertSame(['Ilse Karimova', null], array_column((array) $published->json('versions'), 'published_by'));
        self::assertContains('published the grading policy, version 2', array_column((array) $this->getJson('/api/v1/changes')->json('changes'), 'text'));
        self::assertSame($before, (string) $this->get("/api/v1/assessments/{$this->practical()->id}/package")->getContent());

        $next = $this->setUpAnother();
        $package = $this->getJson("/api/v1/assessments/$next/package")->assertOk();
        self::assertSame([2, 0], [$package->json('policy.version'), $package->json('policy.places')]);
    }

    public function testTheSameAgainIsNoNewVersionAndAnOlderOneIsToldWhoWasFaster(): void
    {
        $document = self::document();
        $document->decision->rule = 'strict';
        $this->as('marit')->publish($document, 1)->assertOk()->assertJsonPath('version', 2);
        $this->publish($document, 1)->assertOk()->assertJsonPath('version', 2);
        $document->decision->rule = 'simple';
        $this->as('ilse')->publish($document, 1)->assertStatus(412)->assertHeader('ETag', '"2"')->assertJsonPath('detail', 'Marit Oyelaran changed this meanwhile. Look at it as it is now, then change it again.');
        $this->postJson('/api/v1/policy', (array) $document)->assertStatus(428);
        $this->as('teodor')->publish($document, 2)->assertForbidden();
        self::assertSame(2, PublishedPolicy::inForce()->version);
    }

    public function testAPolicyThatDoesNotAddUpIsRefusedWithEveryPlace(): void
    {
        $document = self::document();
        $document->bands[3]->min = 5;
        $document->components[0]->weight = -1;
        $this->as('ilse')->publish($document, 1)->assertUnprocessable()->assertJsonPath('detail', '2 things in this policy are not right.')
            ->assertJsonPath('errors.0.path', 'policy.components[0].weight')->assertJsonPath('errors.1.path', 'policy.bands')
            ->assertJsonPath('errors.1.detail', 'the lowest band must have the minimum 0, so that every total falls in one');
        $tried = $this->try($document)->assertOk()->assertJsonPath('guard', null)->assertJsonPath('classes', []);
        self::assertSame(['policy.components[0].weight', 'policy.bands'], array_column((array) $tried->json('problems'), 'path'));
        self::assertSame(1, PublishedPolicy::inForce()->version);
    }

    public function testSaysOfTheLastClassesWhatTheCoreSays(): void
    {
        $document = self::document();
        $document->components[5]->weight = 60;
        $document->bands[0]->min = 90;
        $document->bands[1]->min = 78;
        $tried = $this->as('ilse')->try($document)->assertOk();
        $classes = (array) $tried->json('classes');
        self::assertCount(3, $classes);
        $differing = 0;
        foreach ($classes as $class) {
            $differing += count($class['bands']);
            self::assertSame($this->changedBands($class['assessment'], $document), array_column($class['bands'], 'new_band', 'attempt'), $class['title']);
        }
        self::assertGreaterThan(3, $differing);
        self::assertSame(1, PublishedPolicy::inForce()->version, 'trying publishes nothing');
        foreach ((array) $this->try(self::document())->json('classes') as $class) {
            self::assertSame([0, []], [$class['totals'], $class['bands']], "{$class['title']}: the policy in force changes nothing");
        }
    }

    public function testSaysOfAWholeTermWhatTheCoreSays(): void
    {
        $document = self::document();
        $document->components[5]->weight = 60;
        $document->bands[0]->min = 90;
        $term = $this->as('ilse')->postJson('/api/v1/policy/try-term', (array) $document)->assertOk();
        self::assertGreaterThan(3, count((array) $term->json('classes')));
        foreach ((array) $term->json('classes') as $class) {
            self::assertSame($this->changedBands($class['assessment'], $document), array_column($class['bands'], 'new_band', 'attempt'), $class['title']);
        }
        self::assertSame($term->json('results'), array_sum(array_column((array) $term->json('classes'), 'results')));
        self::assertSame(1, PublishedPolicy::inForce()->version, 'trying publishes nothing');
    }

    public function testSaysWhatTheGuardBandMeansAndWhatIsCountedNowhere(): void
    {
        $document = self::document();
        $document->components = array_values(array_filter($document->components, static fn(\stdClass $it): bool => $it->id !== 'sanitation'));
        $tried = $this->as('ilse')->try($document)->assertOk()->assertJsonPath('uncounted', ['sanitation'])->assertJsonPath('changes', ['Components, no longer: Sanitation']);
        self::assertStringContainsString('up to 1.5 g outside its window it is allowed', (string) $tried->json('guard'));
        $document->decision->rule = 'strict';
        $document->scale->division_mg = 50_000;
        $coarse = (array) $this->try($document)->assertOk()->json('classes');
        self::assertStringContainsString('the scale is too coarse for it', $coarse[0]['problem']);
    }

    public function testSaysWhatTwoLooksAndAppealsWouldChange(): void
    {
        $document = self::document();
        [$document->moderation, $document->appeal_days] = [(object) ['tolerance_levels' => 1, 'combine' => 'lower', 'share' => 0.2, 'third_agrees' => true], 10];
        $tried = $this->as('ilse')->try($document)->assertOk();
        self::assertSame([null, null, null], array_column((array) $tried->json('classes'), 'problem'), 'classes of an earlier format are tried too');
        self::assertCount(2, (array) $tried->json('changes'));
        $this->publish($document, 1)->assertOk()->assertJsonPath('version', 2);
    }

    public function testExportsWhatCanBeTakenInAgain(): void
    {
        $file = $this->as('teodor')->get('/api/v1/policy/document')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="policy-house-1.json"');
        $document = json_decode((string) $file->getContent(), false, 16, JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $document);
        self::assertEquals(self::document(), $document);
        $this->as('ilse')->publish($document, 1)->assertOk()->assertJsonPath('version', 1);
    }

    /** @return array<string, string> by attempt: the band of each final result that the core grades into another, under another policy */
    private function changedBands(string $assessment, \stdClass $policy): array
    {
        $package = Node::decode((string) $this->get("/api/v1/assessments/$assessment/package")->getContent())->document();
        $now = Assessment::read(Node::of(clone $package))->grade()->attempts;
        $package->policy = $policy;
        $changed = [];
        foreach (Assessment::read(Node::of($package))->grade()->attempts as $index => $result) {
            if ($now[$index]->status->value === 'final' && $now[$index]->grade->band?->label !== $result->grade->band?->label) {
                $changed[$result->attempt->id] = (string) $result->grade->band?->label;
            }
        }

        return $changed;
    }

    private function setUpAnother(): string
    {
        $group = $this->practical()->group;
        $standard = PublishedStandard::latestOf('chicken-eight-piece') ?? self::fail('no standard');
        $by = User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail();

        return $this->app?->make(SetUpPractical::class)->setUp('Another', 'Great kitchen', CarbonImmutable::today(), $group, $standard, PublishedPolicy::inForce(), $group->students, $by)->id ?? self::fail('no application');
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function publish(\stdClass $document, int $version): TestResponse
    {
        return $this->postJson('/api/v1/policy', (array) $document, ['If-Match' => "\"$version\""]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function try(\stdClass $document): TestResponse
    {
        return $this->postJson('/api/v1/policy/try', (array) $document);
    }

    private static function document(): \stdClass
    {
        return PublishedPolicy::query()->where('version', 1)->firstOrFail()->document;
    }
}
