<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PublishedStandard;
use DeftBlade\Core\Shipped\ShippedDocuments;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class StandardsTest extends TestCase
{
    public function testTheShelfHoldsWhatShips(): void
    {
        $shipped = $this->as('teodor')->getJson('/api/v1/standards')->assertOk();
        self::assertEqualsCanonicalizing((new ShippedDocuments())->keys(), array_column((array) $shipped->json(), 'key'));
        self::assertSame(2, array_column((array) $shipped->json(), 'used', 'key')['chicken-eight-piece']);
        foreach (array_column((array) $shipped->json(), 'id') as $id) {
            $this->getJson("/api/v1/standards/$id")->assertOk();
        }
    }

    public function testWhatIsExportedComesBackAsTheSameVersion(): void
    {
        $published = self::published();
        $file = $this->as('marit')->getJson("/api/v1/standards/{$published->id}/document")->assertOk()->getContent();
        $this->call('POST', '/api/v1/standards', content: (string) $file)->assertOk()->assertJsonPath('item.id', $published->id);
        self::assertSame(1, PublishedStandard::query()->where('key', 'chicken-eight-piece')->count());
    }

    public function testAChangedDocumentBecomesTheNextVersionAndSaysWhatChanged(): void
    {
        $before = self::published();
        $document = (new ShippedDocuments())->standard('chicken-eight-piece');
        $document->time->standard_ms = 1_200_000;
        $document->pieces[0]->window = (object) ['basis' => 'share', 'low' => 0.12, 'high' => 0.16];
        $response = $this->as('marit')->postJson('/api/v1/standards', (array) $document)->assertOk();
        $response->assertJsonPath('item.version', 2)->assertJsonPath('document.version', 2)->assertJsonPath('versions.0.changes', [
            'Left breast, window: 11.81 to 15.09 % → 12 to 16 %',
            'Time, standard: 25:00 → 20:00 min:s',
        ])->assertJsonPath('versions.1.id', $before->id);
        $this->postJson('/api/v1/standards', (array) $document)->assertOk()->assertJsonPath('item.id', $response->json('item.id'));
        self::assertSame('chicken-eight-piece', $this->practical()->held->standard()->firstOrFail()->key);
        self::assertSame(1, $this->practical()->held->standard()->firstOrFail()->version, 'a practical keeps the version it names');
    }

    public function testACarcassOfTheSchoolsOwnIsDrawnByThePlanThatKnowsMostOfIt(): void
    {
        $document = (new ShippedDocuments())->standard('chicken-eight-piece');
        [$document->key, $document->carcass->key] = ['guinea-eight', 'guinea-fowl'];
        $document->carcass->parts[] = (object) ['id' => 'giblets', 'title' => 'Giblets', 'kind' => 'meat', 'share' => 0.03];
        $heaviest = array_search('fillet.left', array_column($document->carcass->parts, 'id'), true);
        $document->carcass->parts[$heaviest]->share -= 0.03;
        $document->bins[0]->parts[] = 'giblets';
        $view = $this->as('marit')->postJson('/api/v1/standards', (array) $document)->assertOk()->assertJsonPath('plan.key', 'bird')->assertJsonPath('state', null);
        self::assertContains('hip', array_column($view->json('expected.2.joints'), 'title'));

        [$document->key, $document->carcass->key] = ['rabbit-eight', 'rabbit'];
        $renamed = str_replace(['"fillet', '"thigh_meat', '"drumstick_meat', '"rib_frame', '"back'], ['"a', '"b', '"c', '"d', '"e'], json_encode($document, JSON_THROW_ON_ERROR));
        $this->call('POST', '/api/v1/standards', content: $renamed)->assertOk()->assertJsonPath('plan', null);
    }

    public function testASheetIsForACarcassThatWeighsSomething(): void
    {
        $this->as('marit')->getJson('/api/v1/standards/'.self::published()->id.'/sheet.pdf?ap_mg=-4')->assertUnprocessable()->assertJsonPath('errors.0.path', 'ap_mg');
    }

    public function testOnlyAnInstructorPublishes(): void
    {
        foreach (['teodor' => 403, 'ilse' => 403, 'amina' => 403] as $account => $status) {
            self::assertSame($status, $this->as($account)->postJson('/api/v1/standards', (array) (new ShippedDocuments())->standard('quail-split'))->getStatusCode());
        }
        $this->as('amina')->getJson('/api/v1/standards')->assertForbidden();
    }

    #[DataProvider('broken')]
    public function testABrokenFileIsRefusedWithThePlaceOfEachMistake(string $content): void
    {
        $before = PublishedStandard::query()->count();
        $response = $this->as('marit')->call('POST', '/api/v1/standards', content: $content);
        $response->assertUnprocessable()->assertHeader('Content-Type', 'application/problem+json');
        self::assertNotSame([], $response->json('errors'));
        foreach ((array) $response->json('errors') as $error) {
            self::assertMatchesRegularExpression('/^(standard(\.|$)|\$$)/', $error['path']);
            self::assertNotSame('', $error['detail']);
        }
        self::assertSame($before, PublishedStandard::query()->count());
    }

    /** @return array<string, array{string}> fifty files, each broken in its own way */
    public static function broken(): array
    {
        $files = ['empty' => [''], 'not JSON' => ['{"key": '], 'a list' => ['[]'], 'a word' => ['"standard"'], 'deep' => [str_repeat('[', 4000)]];
        $document = (new ShippedDocuments())->standard('chicken-eight-piece');
        foreach (['key', 'carcass', 'pieces', 'frame', 'time'] as $key) {
            $files["without $key"] = [self::changed(static function (\stdClass $it) use ($key): void {
                unset($it->{$key});
            })];
        }
        foreach (array_keys(get_object_vars($document)) as $key) {
            $files["$key is a number"] = [self::changed(static fn(\stdClass $it) => $it->{$key} = 7)];
        }
        unset($files['version is a number']);
        foreach (array_slice(array_column($document->carcass->parts, 'id'), 0, 12) as $part) {
            $files["nobody holds $part"] = [self::changed(static function (\stdClass $it) use ($part): void {
                foreach ([...$it->pieces, ...$it->bins] as $place) {
                    $place->parts = array_values(array_diff($place->parts, [$part]));
                }
            })];
        }
        foreach ($document->pieces as $index => $piece) {
            $files["$piece->id without parts"] = [self::changed(static fn(\stdClass $it) => $it->pieces[$index]->parts = [])];
            $files["$piece->id twice"] = [self::changed(static fn(\stdClass $it) => $it->pieces[] = $it->pieces[$index])];
        }

        return array_slice($files, 0, 50, true);
    }

    /** @param callable(\stdClass): mixed $change */
    private static function changed(callable $change): string
    {
        $document = (new ShippedDocuments())->standard('chicken-eight-piece');
        $change($document);

        return json_encode($document, JSON_THROW_ON_ERROR);
    }

    private static function published(): PublishedStandard
    {
        return PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail();
    }
}
