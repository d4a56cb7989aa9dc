<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Actions\LostAt;
use App\Actions\PractisedStandard;
use App\Http\Resources\MethodStepView;
use DeftBlade\Core\Practice\NamedParts;
use DeftBlade\Core\Sentence\Sentences;

/** One thing to drill: what it is, what is aimed at, and the step of the method card where it is done. */
final readonly class DrillCard
{
    /** @param int|null $number of the step, from 1 */
    private function __construct(public string $standard, public string $title, public string $aim, public ?MethodStepView $step, public ?int $number) {}

    /** @return list<self> of what a group lost most at in one practical; what nothing can be aimed at in is left out */
    public static function allOf(LostAt $lost, PractisedStandard $practised, Sentences $sentences): array
    {
        $steps = MethodStepView::practised($practised);
        $cards = [];
        foreach ($lost->most as $most) {
            $aim = $most->about->aimIn($practised->standard);
            $at = NamedParts::firstWith(array_column($steps, 'parts'), $most->about->partsIn($practised->standard));
            if ($aim !== null) {
                $cards[] = new self($practised->standard->title, $most->title, $sentences->say($aim), $at === null ? null : $steps[$at], $at === null ? null : $at + 1);
            }
        }

        return $cards;
    }
}
