<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ProjectResults;
use App\Actions\RebuildResults;
use App\Models\Attempt;
use App\Models\PublishedStandard;
use App\Models\ResultRow;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment as PackagedClass;
use DeftBlade\Core\Tests\Support\Package;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The results that lists read are those of the facts, and every input of a mark is a fact with an author. */
final class ResultsTest extends TestCase
{
    public function testRebuildingEqualsWhatTheWriterKept(): void
    {
        $this->as('marit');
        $this->take(7, ['kind' => 'level', 'criterion' => 'board', 'level' => 2])->assertOk();
        $this->take(8, ['kind' => 'fault', 'fault' => 'sawing'])->assertOk();
        $this->take(9, ['kind' => 'allowance', 'time_factor' => 1.5, 'reason' => 'Wrist in plaster'])->assertOk();
        $this->take(4, ['kind' => 'piece', 'piece' => 'thigh.left', 'mass_mg' => 150_000])->assertOk();
        $rows = static fn(): array => ResultRow::query()->orderBy('attempt_id')->get()->toArray();
        $kept = $rows();
        ResultRow::query()->update(['status' => 'void', 'total' => 1, 'result_sha256' => '']);
        self::assertNotEquals($kept, $rows());
        $count = $this->app?->make(RebuildResults::class)->rebuild();
        self::assertSame(7, $count);
        self::assertEquals($kept, $rows());
    }

    /** A released result counts as changed where its digest is another one: one that changes with an upgrade would call every result of the school changed. */
    public function testTheDigestOfAResultOutlivesAnUpgrade(): void
    {
        $package = Package::shipped();
        $levels = array_map(static fn(\stdClass $it): int => 1, array_column($package->document->standard->criteria, null, 'id'));
        $package->attempt('a1', [
            'ap' => 1800, 'defects' => ['torn-skin'], 'breast.left' => 250, 'breast.right' => 210, 'thigh.left' => 150, 'thigh.right' => 152, 'drumstick.left' => 100, 'drumstick.right' => 98, 'wing.left' => 80, 'wing.right' => 76,
            'stock' => 520, 'fat' => 110, 'trim' => 20, 'waste' => 12, 'scrape' => 21, 'levels' => $levels, 'faults' => ['sawing', 'bone-chip'], 'clock' => [0 => 'start', 1640 => 'stop'],
        ], ['resit' => true]);
        $result = PackagedClass::read(Node::decode($package->json()))->grade()->attempts[0];
        self::assertSame('1a7d7a866723f3d020095cc6e91ab985e2e6be9cd3c5c7cb5f9c0037fa8a20f3', ProjectResults::digest($result), 'a standard, a rule or a figure changed what was released before; where that is meant, released results must be told apart from it');
    }

    public function testTheSheetSaysWhatTheCoreSays(): void
    {
        $this->as('marit');
        $rows = (array) $this->getJson("/api/v1/assessments/{$this->practical()->id}/sheet")->assertOk()->json('rows');
        foreach ($rows as $row) {
            $verdict = $this->getJson("/api/v1/attempts/{$row['attempt']}/verdict")->json('result');
            self::assertSame([$verdict['total'], $verdict['band'], $verdict['status']], [$row['total'], $row['band'], $row['status']]);
            self::assertEqualsWithDelta(array_column($verdict['components'], 'score', 'id'), $row['scores'], 1e-9);
        }
        self::assertCount(12, $rows);
    }

    public function testATimeAllowanceAndAResitStandInTheLogWithReasonAndAuthor(): void
    {
        $this->as('ilse');
        $this->take(3, ['kind' => 'allowance', 'time_factor' => 1.25, 'reason' => 'Certificate of 3 March'])->assertOk()->assertJsonPath('time_factor', 1.25);
        $response = $this->take(3, ['kind' => 'resit', 'resit' => true, 'reason' => 'Failed in January'])->assertOk()->assertJsonPath('resit', true);
        self::assertSame(['resit'], $response->json('result.caps'));
        $log = (array) $response->json('log');
        $line = $log[count($log) - 1];
        self::assertSame(['Ilse Karimova', 'Failed in January'], [$line['entry']['by'], $line['entry']['capture']['reason']]);
        $this->as('teodor');
        $this->take(3, ['kind' => 'void', 'target' => $line['entry']['capture']['id'], 'reason' => 'Another student'])->assertForbidden();
        $this->as('ilse');
        $this->take(3, ['kind' => 'void', 'target' => $line['entry']['capture']['id'], 'reason' => 'Another student'])->assertOk()->assertJsonPath('resit', false);
    }

    public function testAnAssessorSetsNoTerms(): void
    {
        $this->as('teodor');
        $this->take(3, ['kind' => 'resit', 'resit' => true, 'reason' => 'x'])->assertForbidden();
        $this->take(3, ['kind' => 'allowance', 'time_factor' => 2, 'reason' => 'x'])->assertForbidden();
    }

    public function testTwoStudentsAreNotAtOneStation(): void
    {
        $this->as('marit');
        $this->take(12, ['kind' => 'station', 'station' => 4, 'reason' => 'Window'])->assertConflict()->assertJsonPath('detail', "Station 4 is Kenji Moriwaki's; move them first.");
        $this->take(12, ['kind' => 'station', 'station' => 13, 'reason' => 'Window'])->assertOk()->assertJsonPath('station', 13);
        self::assertSame(range(1, 11), array_slice(array_column((array) $this->getJson("/api/v1/assessments/{$this->practical()->id}/sheet")->json('rows'), 'station'), 0, 11));
    }

    public function testAClassIsHeldAgainstTheNextVersionWithAReason(): void
    {
        $document = PublishedStandard::latestOf('chicken-eight-piece')->document ?? self::fail('no standard');
        $document->time->standard_ms = 900_000;
        $next = $this->as('marit')->postJson('/api/v1/standards', (array) $document)->assertOk()->json('item.id');
        $address = "/api/v1/assessments/{$this->practical()->id}/standard";
        $before = $this->station(3)->row->total;
        $this->postJson($address, ['standard' => $next, 'reason' => ' '])->assertUnprocessable()->assertJsonPath('errors.0.path', 'reason');
        $this->postJson($address, ['standard' => 'latest', 'reason' => 'x'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'standard');
        $this->as('teodor')->postJson($address, ['standard' => $next, 'reason' => 'x'])->assertForbidden();
        $this->as('ilse')->postJson($address, ['standard' => $next, 'reason' => 'Agreed in the moderation'])->assertOk()->assertJsonPath('standard_version', 2)->assertJsonPath('standard.time.standard_ms', 900_000);
        self::assertNotSame($before, $this->station(3)->row->total);
        $log = (array) $this->getJson("/api/v1/attempts/{$this->station(3)->id}")->json('log');
        $line = $log[count($log) - 1];
        self::assertSame(['standard', 2, 'Agreed in the moderation', 'Ilse Karimova'], [$line['entry']['capture']['kind'], $line['entry']['capture']['version'], $line['entry']['capture']['reason'], $line['entry']['by']]);
    }

    public function testAStandardThatDoesNotFitWhatWasTakenDownIsRefusedAndNothingChanges(): void
    {
        $document = PublishedStandard::latestOf('lamb-leg-by-the-seam') ?? self::fail('no standard');
        $before = $this->as('marit')->getJson("/api/v1/assessments/{$this->practical()->id}")->json('standard');
        $this->postJson("/api/v1/assessments/{$this->practical()->id}/standard", ['standard' => $document->id, 'reason' => 'x'])->assertUnprocessable();
        self::assertSame($before, $this->getJson("/api/v1/assessments/{$this->practical()->id}")->json('standard'));
    }

    /** @param array<string, mixed> $fact */
    private function take(int $station, array $fact): TestResponse
    {
        return $this->postJson('/api/v1/attempts/'.$this->attemptAt($station)->id.'/captures', ['device' => 'test', 'captures' => [self::capture($fact)]]);
    }

    private function attemptAt(int $station): Attempt
    {
        return $this->station($station);
    }
}
