<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use DeftBlade\Core\Balance\BalancedTray;
use DeftBlade\Core\Balance\MixUpSearch;
use DeftBlade\Core\Grading\Flag;

/** What is only seen between the trays of a class: mix-ups. */
final readonly class ClassFlags
{
    /** @param array<string, true> $mixedUp attempts that may have been mixed up with another */
    private function __construct(private array $mixedUp) {}

    /** @param iterable<Attempt> $attempts of one class */
    public static function of(iterable $attempts): self
    {
        $trays = [];
        foreach ($attempts as $attempt) {
            if ($attempt->row->balance->isOff()) {
                $trays[] = $attempt->row->balanced();
            }
        }

        return self::among($trays);
    }

    /** @param list<BalancedTray> $trays of one class */
    public static function among(array $trays): self
    {
        $mixedUp = [];
        foreach (MixUpSearch::among($trays) as $mixUp) {
            $mixedUp += [$mixUp->over => true, $mixUp->short => true];
        }

        return new self($mixedUp);
    }

    /**
     * @param list<string> $flags values of the cases that are seen from the tray alone
     *
     * @return list<Flag> in the order of the cases
     */
    public function flagsOf(string $attempt, array $flags): array
    {
        $isMixedUp = isset($this->mixedUp[$attempt]);

        return $flags === [] && ! $isMixedUp ? [] : array_values(array_filter(Flag::cases(), static fn(Flag $it): bool => in_array($it->value, $flags, true) || ($it === Flag::MixUp && $isMixedUp)));
    }
}
