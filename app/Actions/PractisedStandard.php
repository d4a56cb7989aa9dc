<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PublishedStandard;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** A standard as it is held at the school today, in its words. */
final readonly class PractisedStandard
{
    /**
     * @param string $id  of the published version
     * @param string $key that all versions of it share
     */
    private function __construct(public string $id, public string $key, public \stdClass $document, public Standard $standard) {}

    public static function of(PublishedStandard $published, School $school): self
    {
        $document = $school->said($school->held($published->document));

        return new self($published->id, $published->key, $document, Standard::read(Node::of($document, 'standard')));
    }

    /** @return list<Node> the steps of its method card */
    public function card(): array
    {
        return Node::of($this->document, 'standard')->itemsOf('card');
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return array_map(static fn(Node $it): string => $it->text(), Node::of($this->document, 'standard')->itemsOf('cautions'));
    }
}
