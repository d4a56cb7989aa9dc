<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Actions\LostAt;
use App\Actions\PractisedStandards;
use App\School\School;

/** Cards of what a group loses most points at, four a page, to be cut apart and laid at the stations. */
final readonly class DrillPrint
{
    public function __construct(private PractisedStandards $standards, private School $school) {}

    /**
     * @param list<LostAt> $lost
     *
     * @return string a PDF
     */
    public function print(string $group, array $lost, Paper $paper): string
    {
        $cards = array_merge(...array_map(fn(LostAt $it): array => DrillCard::allOf($it, $this->standards->of($it->standard), $this->school->sentences()), $lost));

        return Pdf::of(view('prints.drills', ['group' => $group, 'cards' => $cards, 'paper' => $paper, 'nonce' => null])->render());
    }
}
