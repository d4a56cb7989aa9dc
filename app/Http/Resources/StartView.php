<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use App\People\PasswordRule;
use App\School\School;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Vocabulary\Term;
use OpenApi\Attributes as OA;

/** Whether the school still waits for its first coordinator, and what they choose from. */
#[OA\Schema]
final readonly class StartView
{
    /**
     * @param list<string>     $time_zones
     * @param list<string>     $currencies
     * @param list<ChoiceView> $words
     */
    private function __construct(
        #[OA\Property(description: 'There is nobody yet: the first coordinator may be made.')]
        public bool $is_empty,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $time_zones,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'ISO 4217')]
        public array $currencies,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceView::class))]
        public array $words,
        #[OA\Property(description: 'Characters a password has at least.')]
        public int $least_password,
    ) {}

    public static function of(School $school): self
    {
        return new self(User::query()->doesntExist(), \DateTimeZone::listIdentifiers(), Currency::codes(), array_values(array_map(static fn(Term $it): ChoiceView => ChoiceView::ofTerm($it, $school), $school->lexicon->terms)), PasswordRule::least());
    }
}
