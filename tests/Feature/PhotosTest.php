<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class PhotosTest extends TestCase
{
    /** A white point, as a baseline JPEG with a JFIF header and nothing else. */
    public const PLAIN = '/9j/4AAQSkZJRgABAQEAYABgAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/yQALCAABAAEBAREA/8wABgAQEAX/2gAIAQEAAD8A0s8g/9k=';

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

    /** Through the store's own protocol: a stand-in that asks for a signature and keeps what is put. */
    public function testPhotographsAreKeptInAnObjectStoreWhereOneIsSet(): void
    {
        $bytes = self::plain();
        $sha256 = hash('sha256', $bytes);
        $store = $this->objectStore();
        try {
            $this->send($bytes, $sha256)->assertNoContent();
            $this->take(['kind' => 'photo', 'file' => "$sha256.jpg", 'sha256' => $sha256])->assertOk();
            self::assertSame($bytes, $this->get("/api/v1/attempts/{$this->station(7)->id}/photos/$sha256")->assertOk()->getContent());
            // Written once: what lies there under its digest is not written over.
            $kept = (string) glob($this->folder.'/*')[0];
            touch($kept, 1_000_000_000);
            $this->send($bytes, $sha256)->assertNoContent();
            clearstatcache();
            self::assertSame(1_000_000_000, filemtime($kept));
            // One that was cut off is written again.
            file_put_contents($kept, substr($bytes, 0, 40));
            $this->send($bytes, $sha256)->assertNoContent();
            self::assertStringEqualsFile($kept, $bytes);
        } finally {
            $store->stop();
        }
        $this->send($bytes, $sha256)->assertStatus(503)->assertJsonPath('type', 'urn:deft-blade:problem:no-store');
    }

    public function testADiskThatTakesNothingIsSaidAndNotTakenForDone(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'no-folder');
        config(['filesystems.default' => 'local', 'filesystems.disks.local.root' => "$file/below"]);
        Storage::forgetDisk('local');
        $this->send(self::plain(), hash('sha256', self::plain()))->assertStatus(503)->assertJsonPath('title', 'Photographs cannot be kept now');
    }

    private string $folder = '';

    private function objectStore(): Process
    {
        $this->folder = (string) realpath(sys_get_temp_dir()).'/objects-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $listening = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($listening);
        $address = (string) stream_socket_get_name($listening, false);
        fclose($listening);
        $store = new Process([PHP_BINARY, '-S', $address, base_path('tests/object-store.php')], env: ['OBJECT_STORE' => $this->folder, 'PHP_CLI_SERVER_WORKERS' => '1']);
        $store->start();
        for ($tries = 0; $tries < 200 && @stream_socket_client("tcp://$address", timeout: 1) === false; $tries++) {
            usleep(20_000);
        }
        config(['filesystems.default' => 's3', 'filesystems.disks.s3' => ['key' => 'key', 'secret' => 'secret', 'endpoint' => "http://$address", 'use_path_style_endpoint' => true] + config()->array('filesystems.disks.s3')]);
        Storage::forgetDisk('s3');

        return $store;
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
