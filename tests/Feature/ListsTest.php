<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\SetUpPractical;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\SchoolSetting;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Lists read what is kept of standards, and still say what holds now. */
final class ListsTest extends TestCase
{
    public function testAWordOfTheSchoolIsSaidOnTheShelfAtOnce(): void
    {
        self::assertContains('Chicken, first-bone breast set', $this->shelf('title'));
        $this->choose(['words' => ['first-bone-breast' => 'airline breast']]);
        self::assertContains('Chicken, airline breast set', $this->shelf('title'));
        self::assertNotContains('Chicken, first-bone breast set', $this->shelf('title'));
        $this->choose(['words' => ['first-bone-breast' => null]]);
        self::assertContains('Chicken, first-bone breast set', $this->shelf('title'));
    }

    public function testTheNextVersionTakesThePlaceOfTheOneBefore(): void
    {
        $before = $this->shelf('pieces', 'key')['chicken-halves'];
        $document = PublishedStandard::latestOf('chicken-halves')->document ?? self::fail('no standard');
        $document->title = 'Chicken, split in two';
        $document->time->standard_ms = 480_000;
        $this->as('marit')->postJson('/api/v1/standards', (array) $document)->assertOk();
        self::assertSame([2, 'Chicken, split in two', 480_000, $before], array_map(fn(string $of): mixed => $this->shelf($of, 'key')['chicken-halves'], ['version', 'title', 'standard_ms', 'pieces']));
        self::assertSame(['Chicken, split in two'], array_column((array) $this->getJson('/api/v1/find?text=split+two')->json(), 'title'));
        $this->getJson('/api/v1/find?text=halves')->assertExactJson([]);
    }

    public function testHowOftenAStandardIsUsedIsCountedAnew(): void
    {
        self::assertSame([0, 2], [$this->shelf('used', 'key')['chicken-halves'], $this->shelf('used', 'key')['chicken-eight-piece']]);
        $this->setUpHalves('Halves', 1);
        self::assertSame(1, $this->shelf('used', 'key')['chicken-halves']);
    }

    public function testABenchOfManyPracticalsAsksTheDatabaseNoOftener(): void
    {
        $this->as('marit')->getJson('/api/v1/bench')->assertOk();
        $few = $this->queriesOf('/api/v1/bench');
        foreach (range(1, 4) as $number) {
            $this->setUpHalves("Halves $number", $number);
        }
        $this->getJson('/api/v1/bench')->assertOk()->assertJsonCount(6, 'coming');
        self::assertSame($few, $this->queriesOf('/api/v1/bench'));
    }

    public function testTheBenchShowsWhatAPracticalIsHeldAgainstAndNotTheLatestVersion(): void
    {
        $document = PublishedStandard::latestOf('chicken-eight-piece')->document ?? self::fail('no standard');
        $document->title = 'Chicken, another eight';
        $this->as('marit')->postJson('/api/v1/standards', (array) $document)->assertOk();
        $today = array_column((array) $this->getJson('/api/v1/bench')->assertOk()->json('today'), 'standard', 'title');
        self::assertSame('Chicken, eight pieces', $today['Chicken eight-piece']);
    }

    public function testWithoutWhatIsKeptEveryListSaysTheSame(): void
    {
        $this->as('marit');
        foreach (['/api/v1/standards', '/api/v1/bench', '/api/v1/bench/earlier?page=1'] as $list) {
            $kept = $this->getJson($list)->assertOk()->json();
            Cache::flush();
            self::assertSame($kept, $this->getJson($list)->assertOk()->json(), $list);
        }
    }

    private function queriesOf(string $path): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson($path)->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    private function setUpHalves(string $title, int $inDays): void
    {
        $group = $this->practical()->group;
        $by = User::query()->where('email', 'marit@tollgate-quay.example')->firstOrFail();
        $standard = PublishedStandard::latestOf('chicken-halves') ?? self::fail('no standard');
        $this->app?->make(SetUpPractical::class)->setUp($title, 'Great kitchen', CarbonImmutable::today()->addDays($inDays), $group, $standard, PublishedPolicy::inForce(), $group->students, $by);
    }

    /** @param array<string, mixed> $patch */
    private function choose(array $patch): void
    {
        $this->as('ilse')->patchJson('/api/v1/school', $patch, ['If-Match' => '"'.(SchoolSetting::latestChoice()->seq ?? 0).'"'])->assertOk();
    }

    /** @return array<int|string, mixed> one field of every standard on the shelf */
    private function shelf(string $field, ?string $by = null): array
    {
        return array_column((array) $this->as('marit')->getJson('/api/v1/standards')->assertOk()->json(), $field, $by);
    }
}
