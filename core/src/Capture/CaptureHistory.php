<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The facts of an attempt in order, with what became of each: for one slot the latest that is not withdrawn holds, by time and then by id. */
final readonly class CaptureHistory
{
    /**
     * @param list<Capture>          $counted   in order of time, then id; those withdrawn are left out
     * @param array<string, true>    $withdrawn ids
     * @param array<string, string>  $replaced  by id, the later fact that took or emptied its slot
     * @param array<string, Capture> $all       by id, those withdrawn too
     */
    private function __construct(private array $counted, private array $withdrawn, private array $replaced, private array $all) {}

    /** @param list<Capture> $captures in any order */
    public static function of(array $captures): self
    {
        $withdrawals = Withdrawals::among($captures);
        usort($captures, Capture::inOrder(...));
        $counted = $withdrawn = $replaced = $holders = [];
        foreach ($captures as $capture) {
            if ($withdrawals->takeOut($capture->id)) {
                $withdrawn[$capture->id] = true;

                continue;
            }
            $counted[] = $capture;
            $slot = $capture->slot();
            foreach ($slot === null ? $capture->emptiesSlots() : [$slot, ...$capture->emptiesSlots()] as $taken) {
                if (isset($holders[$taken])) {
                    $replaced[$holders[$taken]] = $capture->id;
                    unset($holders[$taken]);
                }
            }
            if ($slot !== null) {
                $holders[$slot] = $capture->id;
            }
        }

        return new self($counted, $withdrawn, $replaced, array_column(array_map(static fn(Capture $it): array => [$it->id, $it], $captures), 1, 0));
    }

    /**
     * @template T of Capture
     *
     * @param class-string<T> $kind
     *
     * @return list<T> in order of time; of each slot only the one that holds
     */
    public function holding(string $kind): array
    {
        $found = [];
        foreach ($this->counted as $capture) {
            if ($capture instanceof $kind && ! isset($this->replaced[$capture->id])) {
                $found[] = $capture;
            }
        }

        return $found;
    }

    /**
     * Of a kind with one slot: the fact that holds.
     *
     * @template T of Capture
     *
     * @param class-string<T> $kind
     *
     * @return T|null
     */
    public function latest(string $kind): ?Capture
    {
        $found = $this->holding($kind);

        return $found === [] ? null : $found[count($found) - 1];
    }

    /**
     * @template T of Capture
     *
     * @param class-string<T> $kind
     *
     * @return list<T> in order of time; those replaced later too, those withdrawn not
     */
    public function all(string $kind): array
    {
        $found = [];
        foreach ($this->counted as $capture) {
            if ($capture instanceof $kind) {
                $found[] = $capture;
            }
        }

        return $found;
    }

    /** The fact of this id, withdrawn or not; null where there is none. */
    public function named(string $id): ?Capture
    {
        return $this->all[$id] ?? null;
    }

    public function stateOf(string $capture): CaptureState
    {
        return match (true) {
            isset($this->withdrawn[$capture]) => CaptureState::Withdrawn,
            isset($this->replaced[$capture]) => CaptureState::Replaced,
            default => CaptureState::Holds,
        };
    }

    /** The fact that took or emptied the slot of this one; null where it holds, or was withdrawn. */
    public function replacementOf(string $capture): ?string
    {
        return $this->replaced[$capture] ?? null;
    }
}
