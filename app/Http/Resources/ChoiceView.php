<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\School\School;
use DeftBlade\Core\Vocabulary\Term;
use DeftBlade\Core\Vocabulary\Vocabulary;
use DeftBlade\Core\Vocabulary\Wording;
use OpenApi\Attributes as OA;

/** Something the school chooses; the first that is offered is the book's. */
#[OA\Schema]
final readonly class ChoiceView
{
    /**
     * @param list<string>     $species
     * @param list<OptionView> $options
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Why the book says what it says; null where each option has a reason of its own.')]
        public ?string $reason,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What it concerns; nothing named: everything.')]
        public array $species,
        #[OA\Property]
        public string $chosen,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionView::class))]
        public array $options,
    ) {}

    /** What the school calls something; what is chosen from is said as the book says it. */
    public static function ofTerm(Term $term, School $school): self
    {
        $book = Vocabulary::plain()->say(...);

        return new self(
            $term->key,
            $book($term->title),
            $book($term->reason),
            [],
            $school->settings->words[$term->key] ?? array_key_first($term->wordings),
            array_values(array_map(static fn(Wording $it): OptionView => new OptionView($it->key, $book($it->title), null, []), $term->wordings)),
        );
    }
}
