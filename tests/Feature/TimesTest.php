<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Capture;
use App\Models\SchoolSetting;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Today is the school's, and a fact counts when it was taken. */
final class TimesTest extends TestCase
{
    #[DataProvider('moments')]
    public function testTodayIsTheSchools(string $zone, string $instant, string $day): void
    {
        $this->as('marit')->patchJson('/api/v1/school', ['time_zone' => $zone], ['If-Match' => '"'.(SchoolSetting::latestChoice()->seq ?? 0).'"'])->assertOk();
        $this->travelTo(CarbonImmutable::parse($instant));
        self::assertSame($day, School::inForce(new ShippedDocuments())->today()->toDateString());
        self::assertSame($day, $this->getJson('/api/v1/bench')->assertOk()->json('date'));
    }

    /** @return iterable<string, array{string, string, string}> offsets as in the IANA time zone database */
    public static function moments(): iterable
    {
        yield 'Auckland, an hour after midnight' => ['Pacific/Auckland', '2026-03-03T12:00:00Z', '2026-03-04'];
        yield 'Auckland, just before midnight' => ['Pacific/Auckland', '2026-03-03T10:59:59Z', '2026-03-03'];
        yield 'Sydney, the night summer time ends' => ['Australia/Sydney', '2026-04-04T13:30:00Z', '2026-04-05'];
        yield 'Sydney, after it ended' => ['Australia/Sydney', '2026-04-05T14:30:00Z', '2026-04-06'];
        yield 'Sydney, half an hour before that midnight' => ['Australia/Sydney', '2026-04-05T13:30:00Z', '2026-04-05'];
        yield 'Kolkata, half an hour past midnight' => ['Asia/Kolkata', '2026-03-03T19:00:00Z', '2026-03-04'];
        yield 'Kolkata, a minute before midnight' => ['Asia/Kolkata', '2026-03-03T18:29:00Z', '2026-03-03'];
        yield 'Honolulu, in the evening' => ['Pacific/Honolulu', '2026-03-04T09:59:59Z', '2026-03-03'];
        yield 'Honolulu, at midnight' => ['Pacific/Honolulu', '2026-03-04T10:00:00Z', '2026-03-04'];
    }

    public function testNoSuchTimeZone(): void
    {
        $this->as('marit')->patchJson('/api/v1/school', ['time_zone' => 'Mars/Olympus'], ['If-Match' => '"'.(SchoolSetting::latestChoice()->seq ?? 0).'"'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'school.time_zone');
    }

    public function testEveryClassOfTodayIsOnTheBenchAndEarlierOnesComeInPages(): void
    {
        $today = $this->as('marit')->getJson('/api/v1/bench')->json('date');
        $copy = function (string $title, string $day): void {
            $practical = $this->rehearsal()->replicate()->fill(['title' => $title, 'held_on' => $day]);
            $practical->save();
            $held = $this->rehearsal()->held->replicate(['id', 'seq'])->fill(['assessment_id' => $practical->id]);
            $held->save();
        };
        for ($number = 1; $number <= 9; $number++) {
            $copy("Today $number", $today);
            $copy("Long ago $number", CarbonImmutable::parse($today)->subDays(10 + $number)->toDateString());
        }
        $bench = $this->getJson('/api/v1/bench')->assertOk()->assertJsonCount(10, 'today')->assertJsonCount(6, 'earlier')->assertJsonPath('has_earlier', true);
        $titles = array_column((array) $bench->json('earlier'), 'title');
        for ($page = 2, $more = true; $more; $page++) {
            $earlier = $this->getJson("/api/v1/bench/earlier?page=$page")->assertOk();
            array_push($titles, ...array_column((array) $earlier->json('practicals'), 'title'));
            $more = $earlier->json('has_earlier');
        }
        self::assertCount(13, array_unique($titles));
        $this->getJson('/api/v1/bench/earlier?page=none')->assertUnprocessable();
    }

    public function testATabletSevenMinutesFastLosesNoCorrection(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-03-04T09:00:00Z'));
        $wrong = self::capture(['kind' => 'received', 'mass_mg' => 1_900_000, 'at' => '2026-03-04T09:06:00.000Z']);
        $right = self::capture(['kind' => 'received', 'mass_mg' => 1_800_000, 'at' => '2026-03-04T09:06:30.000Z']);
        $this->send($wrong, $right)->assertOk()->assertJsonPath('holds.as_purchased_mg', 1_800_000);
        // Its clock is put right; its captures still do not go back.
        $last = self::capture(['kind' => 'received', 'mass_mg' => 1_820_000, 'at' => '2026-03-04T09:06:30.001Z']);
        $this->travelTo(CarbonImmutable::parse('2026-03-04T09:01:00Z'));
        $this->send($last)->assertOk()->assertJsonPath('holds.as_purchased_mg', 1_820_000);
        $this->travelTo(CarbonImmutable::parse('2026-03-04T09:10:00Z'));
        $this->send(self::capture(['kind' => 'received', 'mass_mg' => 1_830_000, 'at' => '2026-03-04T09:09:00.000Z']))->assertOk()->assertJsonPath('holds.as_purchased_mg', 1_830_000);

        $kept = Capture::query()->findOrFail($wrong['id']);
        self::assertSame('2026-03-04T09:06:00.000Z', $kept->said_at->format(Capture::AT_FORMAT), 'what the device said is kept');
        self::assertSame('2026-03-04T09:00:00.000Z', $kept->at->format(Capture::AT_FORMAT));
        $this->send($wrong)->assertOk();
        self::assertSame(1, Capture::query()->whereKey($wrong['id'])->count());
    }

    /** @param array<string, mixed> ...$captures */
    private function send(array ...$captures): TestResponse
    {
        return $this->as('marit')->postJson("/api/v1/attempts/{$this->station(12)->id}/captures", ['device' => 'fast tablet', 'captures' => $captures]);
    }
}
