<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\StandardDraft;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Drafts of standards are kept for their author, and publications keep theirs. */
final class DraftsTest extends TestCase
{
    public function testADraftIsKeptForItsAuthorAlone(): void
    {
        $id = (string) Str::uuid();
        $this->save($id, 0, ['title' => 'Half a standard'])->assertOk()->assertJsonPath('version', 1)->assertHeader('ETag', '"1"');
        $this->getJson('/api/v1/drafts')->assertOk()->assertJsonPath('0.title', 'Half a standard');
        $this->getJson("/api/v1/drafts/$id")->assertOk()->assertJsonPath('document.title', 'Half a standard')->assertJsonPath('base', null)->assertJsonPath('plan', null);
        $this->as('teodor')->getJson('/api/v1/drafts')->assertForbidden();
        $this->as('marit')->getJson('/api/v1/drafts/not-one')->assertUnprocessable();
        $this->getJson('/api/v1/drafts/'.Str::uuid())->assertNotFound();
        $this->deleteJson("/api/v1/drafts/$id")->assertNoContent();
        $this->deleteJson("/api/v1/drafts/$id")->assertNoContent();
        self::assertSame(0, StandardDraft::query()->count());
    }

    public function testASaveOnAnOlderVersionIsRefused(): void
    {
        $id = (string) Str::uuid();
        $this->save($id, 0, ['title' => 'One'])->assertOk();
        $this->save($id, 1, ['title' => 'Two'])->assertOk()->assertJsonPath('version', 2);
        $this->save($id, 1, ['title' => 'Three'])->assertStatus(412)->assertJsonPath('changed.title', 'Two')->assertHeader('ETag', '"2"');
        $this->getJson("/api/v1/drafts/$id")->assertJsonPath('document.title', 'Two');
        $this->putJson("/api/v1/drafts/$id", ['title' => 'x'])->assertStatus(428);
    }

    public function testADraftOfAPublishedStandardKnowsIt(): void
    {
        $id = (string) Str::uuid();
        $document = (new ShippedDocuments())->standard('chicken-eight-piece');
        $this->save($id, 0, (array) $document)->assertOk()->assertJsonPath('base.version', 1)->assertJsonPath('plan.key', 'bird')->assertJsonPath('is_own_carcass', false);
    }

    public function testAPublicationKeepsItsAuthorAndItsTimeAndIsNotWrittenOver(): void
    {
        $document = (new ShippedDocuments())->standard('chicken-quarters');
        $document->title = 'Quarters';
        $published = $this->as('marit')->postJson('/api/v1/standards', (array) $document, ['If-Match' => '"1"'])->assertOk()->assertJsonPath('versions.0.published_by', 'Marit Oyelaran');
        self::assertNotNull($published->json('versions.0.published_at'));
        $document->title = 'Quarters, again';
        $this->postJson('/api/v1/standards', (array) $document, ['If-Match' => '"1"'])->assertStatus(412)->assertJsonPath('changed.version', '2');
        $this->postJson('/api/v1/standards', (array) $document, ['If-Match' => '"2"'])->assertOk()->assertJsonPath('item.version', 3);
    }

    /** @param array<string, mixed> $document */
    private function save(string $id, int $version, array $document): TestResponse
    {
        return $this->as('marit')->putJson("/api/v1/drafts/$id", $document, ['If-Match' => "\"$version\""]);
    }
}
