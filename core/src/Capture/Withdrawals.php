<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Which captures are taken out. A withdrawal is a capture too: withdrawn itself, it takes nothing out any more. */
final readonly class Withdrawals
{
    /** @param array<string, list<string>> $aimedAt ids of the withdrawals, by the id of their target */
    private function __construct(private array $aimedAt) {}

    /** @param list<Capture> $captures */
    public static function among(array $captures): self
    {
        $targets = [];
        foreach ($captures as $capture) {
            $targets += $capture instanceof Withdrawal ? [$capture->id => $capture->target] : [];
        }

        return self::of($targets);
    }

    /** @param array<string, string> $targets id of what each takes out, by id of the withdrawal */
    public static function of(array $targets): self
    {
        $aimedAt = [];
        foreach ($targets as $withdrawal => $target) {
            $aimedAt[$target][] = (string) $withdrawal;
        }

        return new self($aimedAt);
    }

    public function takeOut(string $id): bool
    {
        foreach ($this->aimedAt[$id] ?? [] as $withdrawal) {
            if (! $this->takeOut($withdrawal)) {
                return true;
            }
        }

        return false;
    }

    /** Whether following withdrawals of withdrawals from this one comes back to it. */
    public function isCycle(string $id): bool
    {
        $seen = [];
        $next = $this->aimedAt[$id] ?? [];
        while ($next !== []) {
            $at = array_pop($next);
            if ($at === $id) {
                return true;
            }
            if (! isset($seen[$at])) {
                $seen[$at] = true;
                array_push($next, ...($this->aimedAt[$at] ?? []));
            }
        }

        return false;
    }
}
