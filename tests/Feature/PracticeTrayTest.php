<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PublishedStandard;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A practice tray with its photographs, and its times step by step along the method card. */
final class PracticeTrayTest extends TestCase
{
    private const STARTED = '2026-06-12T10:00:00.000Z';

    private string $address;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake();
        $this->address = '/api/v1/practice/'.PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail()->id;
    }

    public function testStepsAreTimedByTheClockOfTheTray(): void
    {
        $tray = (string) Str::uuid7();
        $this->as('amina')->take($tray, [self::fact('step', ['step' => 0], '2026-06-12T09:59:00.000Z'), self::fact('clock', ['event' => 'start'], self::STARTED), self::fact('step', ['step' => 1], '2026-06-12T10:01:30.000Z')])->assertOk()
            // The first was done before the clock ran.
            ->assertJsonPath('splits', [['step' => 1, 'running_ms' => 90_000]]);
        $this->take($tray, [
            self::fact('clock', ['event' => 'pause', 'reason' => 'A cut finger'], '2026-06-12T10:02:00.000Z'),
            self::fact('clock', ['event' => 'resume'], '2026-06-12T10:07:00.000Z'),
            self::fact('step', ['step' => 2], '2026-06-12T10:08:00.000Z'),
            // Gone back to, and done again.
            self::fact('step', ['step' => 1], '2026-06-12T10:08:10.000Z'),
        ])->assertOk()->assertJsonPath('splits', [['step' => 1, 'running_ms' => 190_000], ['step' => 2, 'running_ms' => 180_000]]);
        // A step is no capture: nothing that reads captures meets it.
        self::assertSame(['clock', 'clock', 'clock'], array_column((array) $this->getJson("$this->address/trays/$tray")->json('captures'), 'kind'));
    }

    /** T. P. Wright, Factors affecting the cost of airplanes, Journal of the Aeronautical Sciences (1936): on an 80 % curve the eighth try takes 0.512 of the first. */
    public function testTimesOnALearningCurveSayWhichTryComesToTheStandard(): void
    {
        $this->as('teodor')->getJson($this->address)->assertOk()->assertJsonPath('curve', null);
        foreach (range(1, 4) as $try) {
            $day = sprintf('2026-06-%02dT10:00:00', $try);
            $presented = (new \DateTimeImmutable("$day UTC"))->modify('+'.round(2_900 * $try ** log(0.8, 2)).' seconds');
            $this->take((string) Str::uuid7(), [self::fact('clock', ['event' => 'start'], "$day.000Z"), self::fact('clock', ['event' => 'stop'], $presented->format('Y-m-d\TH:i:s.v\Z'))])->assertOk();
            $this->getJson($this->address)->assertJsonPath('curve', ['tries' => $try, 'missing' => 4 - $try, 'standard_ms' => 1_500_000, 'at_try' => $try === 4 ? 8 : null]);
        }
    }

    public function testAStepIsOneOfTheCard(): void
    {
        $steps = count((array) $this->as('amina')->getJson($this->address)->json('steps'));
        $tray = (string) Str::uuid7();
        $this->take($tray, [self::fact('step', ['step' => $steps - 1])])->assertOk();
        foreach ([['step' => $steps], ['step' => -1], ['step' => 'one'], [], ['step' => 0, 'note' => 'x']] as $wrong) {
            $this->take($tray, [self::fact('step', $wrong)])->assertUnprocessable();
        }
        // Nor is it anything that happens in a practical.
        $this->as('marit')->postJson("/api/v1/attempts/{$this->station(7)->id}/captures", ['device' => 'Tablet', 'captures' => [self::fact('step', ['step' => 0])]])->assertUnprocessable();
    }

    public function testTheReferenceIsShownWithItsTimesAndPhotographs(): void
    {
        $tray = (string) Str::uuid7();
        [$bytes, $sha256] = self::photograph();
        $this->as('marit')->take($tray, [self::fact('clock', ['event' => 'start'], self::STARTED), self::fact('step', ['step' => 0], '2026-06-12T10:00:40.000Z')])->assertOk();
        $photo = self::fact('photo', ['file' => "$sha256.jpg", 'sha256' => $sha256]);
        $this->take($tray, [$photo])->assertUnprocessable();
        $this->send($tray, $bytes, $sha256)->assertNoContent();
        $this->take($tray, [$photo])->assertOk()->assertJsonPath('holds.photos', [$sha256]);
        // Practice is one's own: nobody sees it before it is the reference.
        $seen = fn(string $account): TestResponse => $this->as($account)->get("$this->address/trays/$tray/photos/$sha256");
        self::assertSame($bytes, $seen('marit')->assertOk()->getContent());
        $seen('amina')->assertNotFound();
        $this->as('marit')->putJson("$this->address/reference", ['tray' => $tray])->assertNoContent();
        $reference = $this->as('amina')->getJson($this->address)->assertOk()->json('reference');
        self::assertSame([[['step' => 0, 'running_ms' => 40_000]], [$sha256]], [$reference['splits'], $reference['photos']]);
        self::assertSame($bytes, $seen('amina')->assertOk()->getContent());
        $this->as('marit')->putJson("$this->address/reference", ['tray' => null])->assertNoContent();
        $seen('amina')->assertNotFound();
    }

    public function testAPhotographIsWhatItsDigestSays(): void
    {
        $tray = (string) Str::uuid7();
        [$bytes, $sha256] = self::photograph();
        $this->as('amina')->send($tray, $bytes, hash('sha256', 'another'))->assertUnprocessable();
        $this->send($tray, 'no picture', hash('sha256', 'no picture'))->assertUnprocessable();
        $this->send($tray, $bytes, 'x')->assertUnprocessable();
        // Kept, and not yet said to be of the tray: it is shown to nobody.
        $this->send($tray, $bytes, $sha256)->assertNoContent();
        $this->get("$this->address/trays/$tray/photos/$sha256")->assertNotFound();
    }

    /** @return array{string, string} its bytes and their SHA-256 */
    private static function photograph(): array
    {
        $bytes = (string) base64_decode(PhotosTest::PLAIN, true);

        return [$bytes, hash('sha256', $bytes)];
    }

    /**
     * @param list<array<string, mixed>> $facts
     *
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function take(string $tray, array $facts): TestResponse
    {
        return $this->postJson("$this->address/trays/$tray/captures", ['device' => 'phone', 'captures' => $facts]);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function send(string $tray, string $bytes, string $sha256): TestResponse
    {
        return $this->call('PUT', "$this->address/trays/$tray/photos/$sha256", server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
    }

    /**
     * @param array<string, mixed> $of
     *
     * @return array<string, mixed>
     */
    private static function fact(string $kind, array $of, string $at = self::STARTED): array
    {
        return ['id' => (string) Str::uuid7(), 'at' => $at, 'kind' => $kind] + $of;
    }
}
