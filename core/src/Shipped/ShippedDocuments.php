<?php

declare(strict_types=1);

namespace DeftBlade\Core\Shipped;

use DeftBlade\Core\Carcass\Carcass;
use DeftBlade\Core\Carcass\PlanChoice;
use DeftBlade\Core\Carcass\Product;
use DeftBlade\Core\Carcass\ProductCatalogue;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\CarcassPlacement;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Standard\ReceivingList;

/** The documents that ship with the core (standards/), read from their files. Nothing else in the core reads a file of documents. */
final readonly class ShippedDocuments
{
    public function __construct(private string $folder = __DIR__.'/../../standards') {}

    /** @return list<string> the keys of all shipped standards */
    public function keys(): array
    {
        return $this->named('');
    }

    /** A shipped standard with its carcass put in its place, as it stands inside an assessment package. */
    public function standard(string $key): \stdClass
    {
        return CarcassPlacement::in($this->document($key), $this->carcass(...));
    }

    /** @return list<string> the keys of all shipped carcasses */
    public function carcasses(): array
    {
        return $this->named('carcasses/');
    }

    public function hasCarcass(string $key): bool
    {
        return in_array($key, $this->carcasses(), true);
    }

    /** A shipped carcass, with what is known of it beside its parts: its class of product, its sides, standing of the shares, typical weights, the plan it is drawn by. */
    public function carcass(string $key): \stdClass
    {
        return $this->document("carcasses/$key");
    }

    public function products(): ProductCatalogue
    {
        $products = [];
        foreach ($this->carcasses() as $key) {
            $carcass = Node::of($this->carcass($key), $key);
            $products[$carcass->at('species')->text()] = Product::read($carcass->at('product'));
        }

        return new ProductCatalogue($products);
    }

    /** @return list<string> what goes well in a kitchen without a sentence of its own */
    public function praise(): array
    {
        return array_map(static fn(Node $it): string => $it->text(), Node::of($this->school('praise'), 'praise')->at('praise')->items());
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

        return (new PlanChoice(array_map(fn(string $key): \stdClass => $this->document("plans/$key"), $this->named('plans/'))))->for($carcass);
    }

    public function policy(string $key): \stdClass
    {
        return $this->document("policies/$key");
    }

    /** What a school may choose or uses: vocabulary, variants, mise, praise. */
    public function school(string $name): \stdClass
    {
        return $this->document("school/$name");
    }

    /** What must be in order at a station before anybody cuts a carcass of this species. */
    public function mise(string $species): MiseList
    {
        return MiseList::read(Node::of($this->school('mise'), 'mise'), $this->products()->of($species));
    }

    /** What to look at on a carcass of this species as it comes in. */
    public function receiving(string $species): ReceivingList
    {
        return ReceivingList::read(Node::of($this->school('receiving'), 'receiving'), $this->products()->of($species)?->class);
    }

    /** @return list<string> the names of the documents in a folder */
    private function named(string $folder): array
    {
        return array_map(static fn(string $path): string => basename($path, '.json'), glob("{$this->folder}/$folder*.json") ?: []);
    }

    private function document(string $name): \stdClass
    {
        $document = json_decode((string) file_get_contents("{$this->folder}/$name.json"), false, 32, JSON_THROW_ON_ERROR);

        return $document instanceof \stdClass ? $document : throw new \UnexpectedValueException("$name.json holds no object");
    }
}
