<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PhotosTest extends TestCase
{
    /** A white point, as a baseline JPEG with a JFIF header and nothing else. */
    private const PLAIN = '/9j/4AAQSkZJRgABAQEAYABgAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/yQALCAABAAEBAREA/8wABgAQEAX/2gAIAQEAAD8A0s8g/9k=';

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake();
    }

    public function testAPhotographIsKeptOnceAndShownBesideTheVerdict(): void
    {
        $bytes = self::plain();
        $sha256 = hash('sha256', $bytes);
        $photo = ['kind' => 'photo', 'file' => "$sha256.jpg", 'sha256' => $sha256];
        $this->take($photo)->assertUnprocessable()->assertJsonPath('errors.0.detail', 'the photograph itself has not come yet');
        $this->send($bytes, $sha256)->assertNoContent();
        $this->send($bytes, $sha256)->assertNoContent();
        $this->take($photo)->assertOk()->assertJsonPath('holds.photos', [$sha256]);
        $address = "/api/v1/attempts/{$this->station(7)->id}";
        $this->getJson("$address/verdict")->assertJsonPath('photos', [$sha256]);
        self::assertSame($bytes, $this->get("$address/photos/$sha256")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent());
        $this->get('/api/v1/attempts/'.$this->station(8)->id."/photos/$sha256")->assertNotFound();
        $this->as('amina')->get("$address/photos/$sha256")->assertNotFound();
        $this->send($bytes, $sha256, 'amina')->assertForbidden();
    }

    #[DataProvider('noPhotographs')]
    public function testWhatIsNoPhotographIsRefusedInWords(string $bytes, string $words): void
    {
        $response = $this->send($bytes, hash('sha256', $bytes))->assertUnprocessable();
        self::assertStringContainsString($words, (string) $response->json('detail'));
        self::assertSame([], Storage::allFiles());
    }

    /** @return iterable<string, array{string, string}> */
    public static function noPhotographs(): iterable
    {
        $plain = self::plain();
        yield 'nothing' => ['', 'not a JPEG'];
        yield 'a text called .jpg' => ['Left wing, 86 g', 'not a JPEG'];
        yield 'a drawing with a script' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'not a JPEG'];
        yield 'twenty megabytes' => [$plain.str_repeat("\0", 20_000_000), 'larger than 4 MB'];
        // 60 000 × 60 000 points in the frame header (ITU-T T.81, B.2.2) would unpack to more than 10 GB.
        yield 'a bomb' => [str_replace("\x08\x00\x01\x00\x01", "\x08\xEA\x60\xEA\x60", $plain), '60000 × 60000'];
        yield 'one that says where it was taken' => [substr_replace($plain, "\xFF\xE1\x00\x10Exif\0\0MM\0*\0\0\0\x08", 2, 0), 'where and with what'];
        // CIPA DC-007: further pictures behind the first, each with data of its own.
        yield 'one with another behind it' => [substr_replace($plain, "\xFF\xE2\x00\x08MPF\0\0\0", 2, 0), 'where and with what'];
    }

    public function testAPictureThatChangedOnItsWayIsNotKept(): void
    {
        $this->send(self::plain(), str_repeat('0', 64))->assertUnprocessable()->assertJsonPath('errors.0.path', 'sha256');
    }

    /** @param array<string, mixed> $fact */
    private function take(array $fact): TestResponse
    {
        return $this->as('marit')->postJson("/api/v1/attempts/{$this->station(7)->id}/captures", ['device' => 'test', 'captures' => [self::capture($fact)]]);
    }

    private function send(string $bytes, string $sha256, string $account = 'marit'): TestResponse
    {
        return $this->as($account)->call('PUT', "/api/v1/attempts/{$this->station(7)->id}/photos/$sha256", server: ['CONTENT_TYPE' => 'image/jpeg'], content: $bytes);
    }

    private static function plain(): string
    {
        return (string) base64_decode(self::PLAIN, true);
    }
}
