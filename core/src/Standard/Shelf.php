<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\Carcass;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;

/** The documents that ship with the core, as they stand inside an assessment package. */
final readonly class Shelf
{
    private const HALF = 0.5;

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

    /** @return list<string> what goes well in a kitchen without a sentence of its own */
    public function praise(): array
    {
        return array_map(static fn(Node $it): string => $it->text(), Node::of($this->house('praise'), 'praise')->at('praise')->items());
    }

    /** What a carcass weighs as purchased; null for one that did not ship. */
    public function typicalMassOf(Carcass $carcass): ?TypicalMass
    {
        return $this->hasCarcass($carcass->key) ? TypicalMass::read(Node::of($this->carcass($carcass->key), 'carcass')->at('typical_mg')) : null;
    }

    /** How a shipped carcass is laid out on a cut map: bands from head to tail, columns from the midline outward, each a stack of parts; what has no place in the body stands apart. */
    public function plan(string $carcass): \stdClass
    {
        $plan = $this->carcass($carcass)->plan;

        return $this->document('plans/'.(is_string($plan) ? $plan : ''));
    }

    /** The plan of a carcass a standard brings: that of its key, or for one of a school's own that of the kind that knows most of it; null where none knows half. */
    public function planOf(Carcass $carcass): ?\stdClass
    {
        if ($this->hasCarcass($carcass->key)) {
            return $this->plan($carcass->key);
        }
        $best = null;
        $most = self::HALF;
        foreach (glob("{$this->folder}/plans/*.json") ?: [] as $path) {
            $plan = $this->document('plans/'.basename($path, '.json'));
            $known = $carcass->shareOf(self::partsOf(Node::of($plan, 'plan')));
            if ($known > $most) {
                [$best, $most] = [$plan, $known];
            }
        }

        return $best;
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

    /** @return list<string> the parts a plan has a place for, without their side */
    private static function partsOf(Node $plan): array
    {
        $columns = array_merge(...array_map(static fn(Node $band): array => $band->at('columns')->items(), $plan->at('bands')->items()));
        $parts = array_merge($plan->at('apart')->items(), ...array_map(static fn(Node $column): array => $column->items(), $columns));

        return array_map(static fn(Node $part): string => $part->text(), $parts);
    }

    private function document(string $name): \stdClass
    {
        $document = json_decode((string) file_get_contents("{$this->folder}/$name.json"), false, 32, JSON_THROW_ON_ERROR);

        return $document instanceof \stdClass ? $document : throw new \UnexpectedValueException("$name.json holds no object");
    }
}
