<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\ResultRow;
use DeftBlade\Core\Balance\BalancedTray;
use DeftBlade\Core\Balance\MixUpSearch;
use DeftBlade\Core\Grading\Flag;

/** The rows of a class with what is only seen between its trays: mix-ups. */
final readonly class ClassRows
{
    /** @param array<string, true> $mixedUp attempts that may have been mixed up with another */
    private function __construct(private array $mixedUp) {}

    /** @param iterable<Attempt> $attempts of one class */
    public static function of(iterable $attempts): self
    {
        $trays = [];
        foreach ($attempts as $attempt) {
            if ($attempt->row->balance->isOff()) {
                $trays[] = self::tray($attempt->row);
            }
        }
        $mixedUp = [];
        foreach (MixUpSearch::among($trays) as $mixUp) {
            $mixedUp += [$mixUp->over => true, $mixUp->short => true];
        }

        return new self($mixedUp);
    }

    /** @return list<Flag> in the order of the cases */
    public function flagsOf(Attempt $attempt): array
    {
        $isMixedUp = isset($this->mixedUp[$attempt->id]);
        $flags = $attempt->row->flags;

        return $flags === [] && ! $isMixedUp ? [] : array_values(array_filter(Flag::cases(), static fn(Flag $it): bool => in_array($it->value, $flags, true) || ($it === Flag::MixUp && $isMixedUp)));
    }

    private static function tray(ResultRow $row): BalancedTray
    {
        $masses = [];
        foreach (get_object_vars($row->masses) as $piece => $mg) {
            $masses[(string) $piece] = is_int($mg) ? $mg : 0;
        }

        return new BalancedTray($row->attempt_id, $row->balance, $row->unaccounted_mg ?? 0, $row->tolerance_mg ?? 0, $masses);
    }
}
