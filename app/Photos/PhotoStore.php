<?php

declare(strict_types=1);

namespace App\Photos;

use Illuminate\Filesystem\FilesystemAdapter;

/** Where photographs are kept, each under its own digest, so that the same one is kept once. */
final readonly class PhotoStore
{
    public function __construct(private FilesystemAdapter $disk) {}

    public function put(Photograph $photograph): void
    {
        $place = self::place($photograph->sha256);
        // One that was cut off when it was written is written again.
        if (! $this->has($photograph->sha256) || $this->disk->size($place) !== strlen($photograph->bytes)) {
            $this->disk->put($place, $photograph->bytes);
        }
    }

    public function has(string $sha256): bool
    {
        return preg_match('/^[0-9a-f]{64}$/D', $sha256) === 1 && $this->disk->fileExists(self::place($sha256));
    }

    public function get(string $sha256): ?string
    {
        return $this->has($sha256) ? $this->disk->get(self::place($sha256)) : null;
    }

    private static function place(string $sha256): string
    {
        return "photos/$sha256.jpg";
    }
}
