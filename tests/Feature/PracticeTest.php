<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use App\Models\PublishedStandard;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Tests\TestCase;

final class PracticeTest extends TestCase
{
    public function testAStudentFindsWhatTheyCutNextFirstAndThenWhatTheyTried(): void
    {
        $items = (array) $this->as('amina')->getJson('/api/v1/practice')->assertOk()->json();
        self::assertCount(count((new ShippedDocuments())->keys()), $items);
        $next = array_column($items, 'next_on');
        $days = array_values(array_filter($next, is_string(...)));
        self::assertNotSame([], $days);
        self::assertSame([...$days, ...array_fill(0, count($items) - count($days), null)], $next);
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days);
        $tries = array_slice(array_column($items, 'tries'), count($days));
        self::assertGreaterThan(0, $tries[0]);
        self::assertSame(0, end($tries));
        // Who cuts at no practical has none of their own.
        self::assertSame([0], array_values(array_unique(array_column((array) $this->as('marit')->getJson('/api/v1/practice')->json(), 'tries'))));
    }

    public function testAPracticalThatWasCalledOffIsNoNextOne(): void
    {
        $this->as('amina');
        $before = array_filter(array_column((array) $this->getJson('/api/v1/practice')->json(), 'next_on'));
        Assessment::query()->where('held_on', '>=', $before === [] ? '9999-01-01' : min($before))->update(['cancelled' => 'The room is flooded.']);
        self::assertSame([], array_filter(array_column((array) $this->getJson('/api/v1/practice')->json(), 'next_on')));
    }

    public function testTheMethodCardIsSaidInTheWordsOfTheSchool(): void
    {
        $standard = self::standard('sea-trout-fillets-ribs-on-frame');
        $card = $this->as('amina')->getJson("/api/v1/practice/$standard->id")->assertOk();
        self::assertGreaterThan(3, count((array) $card->json('steps')));
        self::assertDoesNotMatchRegularExpression('/[{}]/', implode(' ', [...array_column((array) $card->json('steps'), 'do'), ...array_column((array) $card->json('steps'), 'fault'), ...(array) $card->json('cautions')]));
    }

    public function testWhatCostMostLastTimeStandsBesideThePracticeOfThatStandardAndOnlyForItsOwner(): void
    {
        $standard = self::standard('chicken-eight-piece');
        $last = (array) $this->as('amina')->getJson("/api/v1/practice/$standard->id")->assertOk()->json('last');
        $released = $this->getJson("/api/v1/attempts/{$last['attempt']}/released")->assertOk();
        self::assertNotSame([], $last['worth']);
        self::assertSame($released->json('worth'), $last['worth']);
        self::assertSame($released->json('held_on'), $last['held_on']);
        self::assertNull($this->as('marit')->getJson("/api/v1/practice/$standard->id")->json('last'));
        self::assertNull($this->as('amina')->getJson('/api/v1/practice/'.self::standard('quail-boned')->id)->json('last'));
    }

    public function testARoundAsksTheSameOfEverybodyAndAnotherAsksOtherwise(): void
    {
        $address = '/api/v1/practice/'.self::standard('chicken-eight-piece')->id.'/quiz?round=';
        $first = (array) $this->as('amina')->getJson($address.'2026-06-12%201')->assertOk()->json();
        self::assertCount(10, $first);
        self::assertSame($first, $this->as('marit')->getJson($address.'2026-06-12%201')->json());
        self::assertNotSame($first, $this->getJson($address.'2026-06-12%202')->json());
        foreach ($first as $question) {
            self::assertSame($question['options'] === [], $question['right'] === null);
            self::assertSame($question['mass'] === null, $question['right'] !== null);
            self::assertDoesNotMatchRegularExpression('/[{}]/', implode(' ', [$question['ask'], $question['why'], ...$question['options']]));
        }
        $this->getJson($address)->assertUnprocessable()->assertJsonPath('errors.0.path', 'round');
        $this->getJson($address.str_repeat('x', 41))->assertUnprocessable();
    }

    /** Words and units are those of the school: a guess in ounces is asked for in ounces. */
    public function testQuestionsAreAskedInTheUnitsOfTheSchool(): void
    {
        $address = '/api/v1/practice/'.self::standard('chicken-eight-piece')->id.'/quiz?round=units';
        $ask = fn(): string => implode(' ', array_column(array_filter((array) $this->as('amina')->getJson($address)->json(), static fn(array $it): bool => $it['kind'] === 'estimate'), 'ask'));
        self::assertMatchesRegularExpression('/weighs [\d. ]+k?g as purchased/', $ask());
        $version = $this->as('ilse')->getJson('/api/v1/school')->headers->get('ETag');
        $this->patchJson('/api/v1/school', ['units' => 'us'], ['If-Match' => (string) $version])->assertOk();
        self::assertMatchesRegularExpression('/weighs [\d. ]+(lb|oz)/', $ask());
    }

    private static function standard(string $key): PublishedStandard
    {
        return PublishedStandard::latestOf($key) ?? self::fail("no $key");
    }
}
