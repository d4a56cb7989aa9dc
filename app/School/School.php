<?php

declare(strict_types=1);

namespace App\School;

use App\Models\SchoolSetting;
use DeftBlade\Core\School\SchoolSettings;
use DeftBlade\Core\Vocabulary\Lexicon;
use DeftBlade\Core\Variant\VariantCatalogue;
use DeftBlade\Core\Vocabulary\Vocabulary;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** The school as it stands: what it offers to choose from, and what it has chosen. */
final readonly class School
{
    public function __construct(public Lexicon $lexicon, public VariantCatalogue $catalogue, public SchoolSettings $settings) {}

    public static function inForce(ShippedDocuments $shipped): self
    {
        $lexicon = Lexicon::read(Node::of($shipped->school('vocabulary'), 'vocabulary'));
        $catalogue = VariantCatalogue::read(Node::of($shipped->school('variants'), 'variants'), $shipped->products());
        $chosen = SchoolSetting::query()->latest('seq')->first();

        return new self($lexicon, $catalogue, $chosen === null ? SchoolSettings::ofTheBook() : SchoolSettings::read(Node::of($chosen->document, 'school'), $lexicon, $catalogue));
    }

    public function vocabulary(): Vocabulary
    {
        return $this->settings->vocabulary($this->lexicon);
    }

    /** A standard as it is held here: under the variants of practice of the school, save where it names its own. */
    public function held(\stdClass $document): \stdClass
    {
        return $this->catalogue->held($document, $this->settings->variants);
    }
}
