<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\PractisedStandard;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Practice\NamedParts;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** One thing to teach: what a class lost points at, what to aim at, and the step to show again. */
#[OA\Schema]
final readonly class TeachView
{
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Of the total, the mean over all trays looked at.')]
        public float $points,
        #[OA\Property(description: 'Trays that lost points at it.')]
        public int $times,
        #[OA\Property(description: 'Trays looked at.')]
        public int $trays,
        #[OA\Property(description: 'What to aim at; null of what nothing can be aimed at in.')]
        public ?string $aim,
        #[OA\Property(description: 'The step of the method card where it is done, counted from 0; null where the card names nothing of it.')]
        public ?int $step,
        #[OA\Property(description: 'What is done in that step.')]
        public ?string $do,
    ) {}

    /** @param list<MethodStepView> $steps of the card, with the parts they name */
    public static function of(MostLost $it, PractisedStandard $practised, array $steps, Sentences $sentences): self
    {
        $aim = $it->about->aimIn($practised->standard);
        $step = NamedParts::firstWith(array_column($steps, 'parts'), $it->about->partsIn($practised->standard));

        return new self($it->title, round($it->points, 2), $it->times, $it->trays, $aim === null ? null : $sentences->say($aim), $step, $step === null ? null : $steps[$step]->do);
    }
}
