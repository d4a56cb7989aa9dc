<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Actions\LostAt;
use App\Actions\PractisedStandard;
use App\Http\Resources\MethodStepView;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Practice\NamedParts;
use DeftBlade\Core\Vocabulary\Units;
use DeftBlade\Core\Weighing\Mass;

/** One thing to drill: what it is, what is aimed at, and the step of the method card where it is done. */
final readonly class DrillCard
{
    private const MS_A_MINUTE = 60_000;

    /** @param int|null $number of the step, from 1 */
    private function __construct(public string $standard, public string $title, public string $aim, public ?MethodStepView $step, public ?int $number) {}

    /** @return list<self> of what a group lost most at in one practical; what nothing can be aimed at in is left out */
    public static function allOf(LostAt $lost, PractisedStandard $practised, Units $units): array
    {
        $steps = MethodStepView::practised($practised);
        $cards = [];
        foreach ($lost->most as $most) {
            $aim = self::aimOf($most, $practised, $units);
            $at = NamedParts::firstWith(array_column($steps, 'parts'), self::partsOf($most, $practised));
            if ($aim !== null) {
                $cards[] = new self($practised->standard->title, $most->title, $aim, $at === null ? null : $steps[$at], $at === null ? null : $at + 1);
            }
        }

        return $cards;
    }

    private static function aimOf(MostLost $most, PractisedStandard $practised, Units $units): ?string
    {
        [$kind, $id] = explode(' ', $most->about) + [1 => ''];
        $standard = $practised->standard;
        $levels = $standard->criteria[$id]->levels ?? [];
        usort($levels, static fn($a, $b): int => $b->points <=> $a->points);
        $time = $standard->time === null ? null : sprintf('%d:%02d', intdiv((int) $standard->time->standardMs, self::MS_A_MINUTE), intdiv((int) $standard->time->standardMs % self::MS_A_MINUTE, 1000));

        return match ($kind) {
            'criterion' => $levels === [] ? null : $levels[0]->text,
            'fault' => isset($standard->faults[$id]) ? 'Not once in a whole tray.' : null,
            'piece' => isset($standard->cuts->pieces[$id]) ? 'Within its window, left and right alike.' : null,
            'time' => $time === null ? null : "The whole tray presented in $time.",
            'frame' => $standard->frame === null ? null : 'No more than '.$units->mass(Mass::ofMilligrams($standard->frame->clean->mg)).' comes off when it is scraped.',
            default => null,
        };
    }

    /** @return list<string> */
    private static function partsOf(MostLost $most, PractisedStandard $practised): array
    {
        [$kind, $id] = explode(' ', $most->about) + [1 => ''];

        return $kind === 'piece' ? $practised->standard->cuts->pieces[$id]->parts ?? [] : (new NamedParts($practised->standard))->in($most->title);
    }
}
