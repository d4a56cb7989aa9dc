<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\House\House;
use DeftBlade\Core\House\Question;
use DeftBlade\Core\House\School;
use DeftBlade\Core\House\Term;
use DeftBlade\Core\House\Units;
use DeftBlade\Core\House\Wording;
use OpenApi\Attributes as OA;

/** What the school chooses: its units, what it calls things, its schools of practice; each with what else is offered. */
#[OA\Schema]
final readonly class HouseView
{
    /**
     * @param list<HouseChoiceView> $words
     * @param list<HouseChoiceView> $schools
     * @param list<OwnWordView>     $own
     */
    private function __construct(
        #[OA\Property(type: 'string', enum: Units::class)]
        public Units $units,
        #[OA\Property(type: 'array', items: new OA\Items(ref: HouseChoiceView::class))]
        public array $words,
        #[OA\Property(type: 'array', items: new OA\Items(ref: HouseChoiceView::class))]
        public array $schools,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OwnWordView::class), description: 'Words that are not among those offered.')]
        public array $own,
    ) {}

    public static function of(House $house): self
    {
        return new self(
            $house->settings->units,
            array_values(array_map(static fn(Term $it): HouseChoiceView => new HouseChoiceView(
                $it->key,
                $it->title,
                $it->reason,
                [],
                $house->settings->words[$it->key] ?? array_key_first($it->wordings),
                array_values(array_map(static fn(Wording $wording): HouseOptionView => new HouseOptionView($wording->key, $wording->title, null, []), $it->wordings)),
            ), $house->lexicon->terms)),
            array_values(array_map(static fn(Question $it): HouseChoiceView => new HouseChoiceView(
                $it->key,
                $it->question,
                null,
                $it->species,
                $house->settings->schools[$it->key] ?? $it->default()->key,
                array_values(array_map(static fn(School $school): HouseOptionView => new HouseOptionView($school->key, $school->title, $school->reason, $school->effects->inWords()), $it->schools)),
            ), $house->book->questions)),
            array_map(static fn(string $book, string $word): OwnWordView => new OwnWordView($book, $word), array_map(strval(...), array_keys($house->settings->own)), array_values($house->settings->own)),
        );
    }
}
