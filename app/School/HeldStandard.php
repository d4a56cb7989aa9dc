<?php

declare(strict_types=1);

namespace App\School;

use App\Models\HeldDocuments;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Standard\Standard;

/** What a practical is held against, read: its standard in the words of the school, its policy, and what is said and looked at under them. */
final readonly class HeldStandard
{
    /**
     * @param \stdClass $document     of the standard, in the words of the school
     * @param string    $policySha256 of its document
     */
    private function __construct(public \stdClass $document, public Standard $standard, public Policy $policy, public string $policySha256, public Sentences $sentences, public MiseList $mise) {}

    public static function read(HeldDocuments $held, School $school, ShippedDocuments $shipped): self
    {
        // Titles in the words of the school change no figure.
        $said = $school->said($held->document);
        $standard = Standard::read(Node::of($said, 'standard'));
        $policy = $held->policyDocument();

        return new self($said, $standard, Policy::read(Node::of($policy, 'policy')), hash('sha256', json_encode($policy, ResultDocument::JSON_FLAGS)), $school->sentences($standard), $shipped->mise($standard->species));
    }
}
