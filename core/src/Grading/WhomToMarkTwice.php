<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/**
 * Which trays of a class a second assessor should look at: every borderline one, every one in the lowest band, every cap, everything an assessor in training marked, and a drawn
 * share of the class. The draw follows from the seed and the ids alone, so that anybody can repeat it and nobody can steer it.
 */
final readonly class WhomToMarkTwice
{
    /** Keeps 0.1 · 30 at 3 in binary. */
    private const SLACK = 1e-9;

    /** @param list<string> $inTraining people */
    public function __construct(private Policy $policy, private array $inTraining, private string $seed) {}

    /**
     * @param list<MarkedTray> $trays of one class
     *
     * @return array<string, non-empty-list<TwiceCause>> by id, in the order of the trays; those not on the list are left out
     */
    public function among(array $trays): array
    {
        $drawn = $this->drawn(array_map(static fn(MarkedTray $it): string => $it->id, $trays));
        $list = [];
        foreach ($trays as $tray) {
            $causes = array_values(array_filter(TwiceCause::cases(), fn(TwiceCause $cause): bool => match ($cause) {
                TwiceCause::Borderline => $tray->isBorderline,
                TwiceCause::LowestBand => count($this->policy->bands) > 1 && $tray->band === $this->policy->bands[count($this->policy->bands) - 1]->label,
                TwiceCause::Capped => $tray->isCapped,
                TwiceCause::InTraining => array_intersect($tray->markers, $this->inTraining) !== [],
                TwiceCause::Drawn => isset($drawn[$tray->id]),
            }));
            if ($causes !== []) {
                $list[$tray->id] = $causes;
            }
        }

        return $list;
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, int> ids as keys
     */
    private function drawn(array $ids): array
    {
        $places = array_combine($ids, array_map(fn(string $id): string => hash('sha256', "{$this->seed} $id"), $ids));
        asort($places);
        $share = $this->policy->moderation->share ?? Moderation::USUAL_SHARE;

        return array_flip(array_map(strval(...), array_slice(array_keys($places), 0, (int) ceil($share * count($ids) - self::SLACK))));
    }
}
