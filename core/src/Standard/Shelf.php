<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;

/** The documents that ship with the core, as they stand inside an assessment package. */
final readonly class Shelf
{
    public function __construct(private string $folder = __DIR__.'/../../standards') {}

    /** @return list<string> the keys of all shipped standards */
    public function keys(): array
    {
        return array_map(static fn(string $path): string => basename($path, '.json'), glob("{$this->folder}/*.json") ?: []);
    }

    /** A shipped standard with its carcass put in its place: the whole of it, or with parts split as the standard needs. */
    public function standard(string $key): \stdClass
    {
        $standard = $this->document($key);
        $named = Node::of($standard, $key)->at('carcass');
        $isSplit = $standard->carcass instanceof \stdClass;
        $carcass = $this->carcass($isSplit ? $named->at('of')->text() : $named->text());
        $parts = Node::of($carcass, 'carcass')->at('parts')->items();
        $standard->carcass = (object) [
            'key' => $carcass->key,
            'title' => $carcass->title,
            'parts' => array_merge(...array_map($isSplit ? (new PartSplit($named->at('split')))->of(...) : static fn(Node $part): array => [$part->document()], $parts)),
        ];

        return $standard;
    }

    /** @return list<string> the keys of all shipped carcasses */
    public function carcasses(): array
    {
        return array_map(static fn(string $path): string => basename($path, '.json'), glob("{$this->folder}/carcasses/*.json") ?: []);
    }

    public function hasCarcass(string $key): bool
    {
        return preg_match('/^[a-z-]+$/D', $key) === 1 && is_file("{$this->folder}/carcasses/$key.json");
    }

    /** A shipped carcass, with what is known of it beside its parts: standing of the shares, typical weights, the plan it is drawn by. */
    public function carcass(string $key): \stdClass
    {
        return $this->document("carcasses/$key");
    }

    /** How a shipped carcass is laid out on a cut map: bands from head to tail, columns from the midline outward, each a stack of parts; what has no place in the body stands apart. */
    public function plan(string $carcass): \stdClass
    {
        $plan = $this->carcass($carcass)->plan;

        return $this->document('plans/'.(is_string($plan) ? $plan : ''));
    }

    public function policy(string $key): \stdClass
    {
        return $this->document("policies/$key");
    }

    /** What a house may choose: vocabulary or schools. */
    public function house(string $name): \stdClass
    {
        return $this->document("house/$name");
    }

    /** What must be in order at a station before anybody cuts a carcass of this species. */
    public function mise(string $species): MiseList
    {
        return MiseList::read(Node::of($this->house('mise'), 'mise'), $species);
    }

    private function document(string $name): \stdClass
    {
        $document = json_decode((string) file_get_contents("{$this->folder}/$name.json"), false, 32, JSON_THROW_ON_ERROR);

        return $document instanceof \stdClass ? $document : throw new \UnexpectedValueException("$name.json holds no object");
    }
}
