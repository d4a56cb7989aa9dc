<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\School\School;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\School\PracticeShown;
use DeftBlade\Core\Variant\Question;
use DeftBlade\Core\Variant\Variant;
use DeftBlade\Core\Vocabulary\Term;
use DeftBlade\Core\Vocabulary\Units;
use DeftBlade\Core\Vocabulary\Vocabulary;
use OpenApi\Attributes as OA;

/** What the school chooses: its units, what it calls things, its variants of practice; each with what else is offered. */
#[OA\Schema]
final readonly class SchoolView
{
    /**
     * @param list<string>      $currencies
     * @param list<string>      $time_zones
     * @param list<ChoiceView>  $words
     * @param list<ChoiceView>  $variants
     * @param list<OwnWordView> $own
     */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'ISO 4217', pattern: '^[A-Z]{3}$')]
        public string $currency,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', pattern: '^[A-Z]{3}$'), description: 'The currencies there are.')]
        public array $currencies,
        #[OA\Property(type: 'string', enum: Units::class)]
        public Units $units,
        #[OA\Property(description: 'IANA name of the time zone of the school.')]
        public string $time_zone,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'The time zones there are.')]
        public array $time_zones,
        #[OA\Property(type: 'string', enum: PracticeShown::class, description: 'Who sees how much a student practises.')]
        public PracticeShown $practice,
        #[OA\Property(description: 'What a change is made to (If-Match).')]
        public int $version,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceView::class))]
        public array $words,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceView::class))]
        public array $variants,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OwnWordView::class), description: 'Words that are not among those offered.')]
        public array $own,
    ) {}

    public static function of(School $school): self
    {
        $sentences = $school->sentences();
        // What is chosen from is said as the book says it.
        $book = Vocabulary::plain()->say(...);

        return new self(
            $school->settings->name,
            $school->settings->currency,
            Currency::codes(),
            $school->settings->units,
            $school->settings->timeZone,
            \DateTimeZone::listIdentifiers(),
            $school->settings->practice,
            $school->version,
            array_values(array_map(static fn(Term $it): ChoiceView => ChoiceView::ofTerm($it, $school), $school->lexicon->terms)),
            array_values(array_map(static fn(Question $it): ChoiceView => new ChoiceView(
                $it->key,
                $book($it->question),
                null,
                $school->catalogue->products->speciesIn($it->products),
                $school->settings->variants[$it->key] ?? $it->default()->key,
                array_values(array_map(static fn(Variant $variant): OptionView => new OptionView($variant->key, $book($variant->title), $book($variant->reason), array_map($sentences->say(...), $variant->effects->messages())), $it->variants)),
            ), $school->catalogue->questions)),
            array_map(static fn(string $book, string $word): OwnWordView => new OwnWordView($book, $word), array_map(strval(...), array_keys($school->settings->own)), array_values($school->settings->own)),
        );
    }
}
