<?php

declare(strict_types=1);

namespace App\House;

use App\Models\HouseSetting;
use DeftBlade\Core\House\HouseSettings;
use DeftBlade\Core\House\Lexicon;
use DeftBlade\Core\House\SchoolBook;
use DeftBlade\Core\House\Vocabulary;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Shelf;

/** The school as it stands: what it offers to choose from, and what it has chosen. */
final readonly class House
{
    public function __construct(public Lexicon $lexicon, public SchoolBook $book, public HouseSettings $settings) {}

    public static function inForce(Shelf $shelf): self
    {
        $lexicon = Lexicon::read(Node::of($shelf->house('vocabulary'), 'vocabulary'));
        $book = SchoolBook::read(Node::of($shelf->house('schools'), 'schools'));
        $chosen = HouseSetting::query()->latest('seq')->first();

        return new self($lexicon, $book, $chosen === null ? HouseSettings::ofTheBook() : HouseSettings::read(Node::of($chosen->document, 'house'), $lexicon, $book));
    }

    public function vocabulary(): Vocabulary
    {
        return $this->lexicon->vocabulary($this->settings);
    }

    /** A standard as it is held here: under the schools of practice of the house, save where it names its own. */
    public function held(\stdClass $document): \stdClass
    {
        return $this->book->held($document, $this->settings->schools);
    }
}
