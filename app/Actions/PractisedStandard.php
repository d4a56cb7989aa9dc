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
    private function __construct(public PublishedStandard $published, public \stdClass $document, public Node $node, public Standard $standard) {}

    public static function of(PublishedStandard $published, School $school): self
    {
        $document = $school->said($school->held($published->document));
        $node = Node::of($document, 'standard');

        return new self($published, $document, $node, Standard::read($node));
    }
}
