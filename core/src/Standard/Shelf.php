<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

/** The documents that ship with the core, as they stand inside an assessment package. */
final readonly class Shelf
{
    public function __construct(private string $folder = __DIR__.'/../../standards') {}

    /** A shipped standard with its carcass put in its place. */
    public function standard(string $key): \stdClass
    {
        $standard = $this->document($key);
        if (is_string($standard->carcass)) {
            $carcass = $this->document("carcasses/{$standard->carcass}");
            $standard->carcass = (object) ['key' => $carcass->key, 'title' => $carcass->title, 'parts' => $carcass->parts];
        }

        return $standard;
    }

    public function policy(string $key): \stdClass
    {
        return $this->document("policies/$key");
    }

    private function document(string $name): \stdClass
    {
        $document = json_decode((string) file_get_contents("{$this->folder}/$name.json"), false, 32, JSON_THROW_ON_ERROR);

        return $document instanceof \stdClass ? $document : throw new \UnexpectedValueException("$name.json holds no object");
    }
}
