<?php

declare(strict_types=1);

namespace App\School;

use App\Models\SchoolSetting;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\ComponentKinds;
use DeftBlade\Core\Json\Findings;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\School\SchoolSettings;
use DeftBlade\Core\Sentence\Catalogue;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Examination;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Variant\VariantCatalogue;
use DeftBlade\Core\Vocabulary\Lexicon;
use DeftBlade\Core\Vocabulary\Vocabulary;

/** The school as it stands: what it offers to choose from, and what it has chosen. */
final readonly class School
{
    /**
     * @param int    $version of the settings: the seq of the latest choice, 0 where nothing was chosen
     * @param string $digest  of that choice: a database that was set back counts anew, and may choose otherwise
     */
    public function __construct(public Lexicon $lexicon, public VariantCatalogue $catalogue, public SchoolSettings $settings, public int $version = 0, public string $digest = '') {}

    public static function inForce(ShippedDocuments $shipped): self
    {
        return self::under($shipped, SchoolSetting::latestChoice());
    }

    /** @param SchoolSetting|null $chosen null where nothing was chosen yet */
    public static function under(ShippedDocuments $shipped, ?SchoolSetting $chosen): self
    {
        $lexicon = Lexicon::read(Node::of($shipped->school('vocabulary'), 'vocabulary'));
        $catalogue = VariantCatalogue::read(Node::of($shipped->school('variants'), 'variants'), $shipped->products());
        $byTheBook = new self($lexicon, $catalogue, SchoolSettings::ofTheBook());

        return $chosen === null ? $byTheBook : new self($lexicon, $catalogue, $byTheBook->settingsOf($chosen), $chosen->seq, $chosen->digest());
    }

    /** @param SchoolSetting|null $choice null where nothing was chosen yet: as the book has it */
    public function settingsOf(?SchoolSetting $choice): SchoolSettings
    {
        return $choice === null ? SchoolSettings::ofTheBook() : SchoolSettings::read(Node::of($choice->document, 'school'), $this->lexicon, $this->catalogue);
    }

    public function currency(): Currency
    {
        return Currency::known($this->settings->currency) ?? throw new \LogicException('the school\'s currency is a known one');
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

    /** A document with its words and masses said as the school says them. */
    public function said(\stdClass $document): \stdClass
    {
        return $this->vocabulary()->document($document);
    }

    public function sentences(?Standard $standard = null): Sentences
    {
        return new Sentences(Catalogue::english(), $this->vocabulary(), $standard, $standard === null ? null : (new ShippedDocuments())->receiving($standard->species));
    }

    /** Everything wrong with a document that is to be a standard here. */
    public function examine(\stdClass $document): Examination
    {
        $examination = $this->catalogue->examine($document);
        $findings = new Findings();
        if ($examination->standard !== null) {
            ComponentKinds::shipped()->refuseMeasured(Node::of($document, 'standard', $findings));
        }

        return new Examination($examination->standard, [...$examination->problems, ...$findings->all()]);
    }

    /** The day it is at the school. */
    public function today(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->now()->toDateString(), 'UTC');
    }

    /** The time it is at the school. */
    public function now(): CarbonImmutable
    {
        return CarbonImmutable::now($this->settings->timeZone);
    }
}
