<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\Day;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Facts about lots, and the lots they come to. A fact after which a lot would hold less than nothing is refused: no gram appears, and none vanishes. */
final readonly class LotBook
{
    /**
     * @param array<string, LotFact>   $facts     by id, in the order they were accepted; those taken out too
     * @param array<string, true>      $withdrawn ids
     * @param array<string, Lot>       $lots      by id
     * @param array<string, Pot>       $pots      by id
     * @param array<string, NeedAsked> $needs     by id
     */
    private function __construct(public array $facts, private array $withdrawn, public array $lots, public array $pots, public array $needs) {}

    /** @param list<LotFact> $facts accepted before, in that order */
    public static function of(array $facts): self
    {
        $byId = array_column(array_map(static fn(LotFact $it): array => [$it->id, $it], $facts), 1, 0);
        $withdrawn = [];
        foreach ($facts as $fact) {
            if ($fact instanceof LotWithdrawal) {
                $withdrawn[$fact->target] = true;
            }
        }
        $lots = $pots = $needs = [];
        foreach ($facts as $fact) {
            if (isset($withdrawn[$fact->id]) || $fact instanceof LotWithdrawal) {
                continue;
            }
            if ($fact instanceof PutAway) {
                $lots[$fact->id] = Lot::putAway($fact);
            } elseif ($fact instanceof PotStarted) {
                $pots[$fact->id] = Pot::of($fact);
            } elseif ($fact instanceof NeedAsked) {
                $needs[$fact->id] = $fact;
            } elseif (($fact instanceof PotStepped || $fact instanceof Drawn) && isset($pots[$fact->pot])) {
                $pots[$fact->pot] = $pots[$fact->pot]->after($fact);
                $lots += $fact instanceof Drawn ? [$fact->id => Lot::drawn($pots[$fact->pot]->start, $fact)] : [];
            } elseif (isset($lots[$fact->about()])) {
                $lot = $lots[$fact->about()];
                $lots[$lot->id] = $lot->after($fact);
                $lots += $fact instanceof Divided ? [$fact->id => $lot->part($fact)] : [];
            }
        }

        return new self($byId, $withdrawn, $lots, $pots, $needs);
    }

    /**
     * With one more fact.
     *
     * @param Node $node the fact, for the place of what is wrong
     *
     * @throws InvalidPackage where it does not fit those before it
     */
    public function with(LotFact $fact, Node $node): self
    {
        if (isset($this->facts[$fact->id])) {
            throw $node->at('id')->fail(MessageCode::IdTaken, ['id' => InvalidPackage::quote($fact->id)]);
        }
        match (true) {
            $fact instanceof PutAway, $fact instanceof PotStarted => null,
            $fact instanceof PotStepped => $this->pot($fact->pot, $node),
            $fact instanceof NeedAsked => self::checkNeed($fact, $node),
            $fact instanceof Drawn => $this->checkDraw($fact, $node),
            $fact instanceof LotWithdrawal => $this->checkWithdrawal($fact, $node),
            $fact instanceof Moved => $this->checkMove($fact, $node),
            $fact instanceof Divided => $this->checkMass($fact->lot, $fact->massMg, $node),
            $fact instanceof IntoFreezer => $this->checkTurn($this->usable($fact->lot, $node), $fact, $node),
            $fact instanceof OutOfFreezer => $this->checkTurn($this->lot($fact->lot, $node), $fact, $node),
            $fact instanceof RawRecorded => $this->usable($fact->lot, $node),
            default => $this->lot($fact->about(), $node),
        };

        return self::of([...array_values($this->facts), $fact]);
    }

    public function isWithdrawn(string $fact): bool
    {
        return isset($this->withdrawn[$fact]);
    }

    private function lot(string $id, Node $node): Lot
    {
        return $this->lots[$id] ?? throw $node->at('lot')->fail(MessageCode::NoSuchLot);
    }

    /** What was cooled too slowly is neither kept in the freezer nor served raw. */
    private function usable(string $id, Node $node): Lot
    {
        $lot = $this->lot($id, $node);

        return $lot->isBarred() ? throw $node->at('lot')->fail(MessageCode::LotIsBarred) : $lot;
    }

    private function pot(string $id, Node $node): Pot
    {
        return $this->pots[$id] ?? throw $node->at('pot')->fail(MessageCode::NoSuchPot);
    }

    private function checkDraw(Drawn $fact, Node $node): void
    {
        $this->pot($fact->pot, $node);
        if ($fact->massMg() === null) {
            throw $node->fail(MessageCode::MassOrVolume);
        }
    }

    private static function checkNeed(NeedAsked $fact, Node $node): void
    {
        if (($fact->pieces === null) === ($fact->massMg === null)) {
            throw $node->fail(MessageCode::PiecesOrMass);
        }
        if ($fact->to !== Destination::Practical && $fact->to !== Destination::Service) {
            throw $node->at('to')->fail(MessageCode::NotForANeed);
        }
    }

    private function checkMove(Moved $fact, Node $node): void
    {
        $this->checkMass($fact->lot, $fact->massMg, $node);
        if ($fact->to !== Destination::Waste && $this->lots[$fact->lot]->isBarred()) {
            throw $node->at('to')->fail(MessageCode::LotIsBarred);
        }
        if ($fact->to === Destination::Waste && trim($fact->text ?? '') === '') {
            throw $node->at('to')->fail(MessageCode::WasteNeedsReason);
        }
    }

    private function checkMass(string $lot, int $massMg, Node $node): void
    {
        $onHand = $this->lot($lot, $node)->onHandMg();
        if ($massMg > $onHand) {
            throw $node->at('mass_mg')->fail(MessageCode::MoreThanOnHand, ['on_hand_mg' => $onHand]);
        }
    }

    private function checkTurn(Lot $lot, FreezerTurn $turn, Node $node): void
    {
        $isOut = $turn instanceof OutOfFreezer;
        if ($lot->isFrozen() !== $isOut) {
            throw $node->at('lot')->fail($isOut ? MessageCode::NotFrozen : MessageCode::FrozenAlready);
        }
        if ($turn->on < $lot->earliestTurn()) {
            throw $node->at('on')->fail(MessageCode::DayBefore, ['earliest' => $lot->earliestTurn()->format(Day::FORMAT)]);
        }
    }

    private function checkWithdrawal(LotWithdrawal $fact, Node $node): void
    {
        $target = $this->facts[$fact->target] ?? null;
        if ($target === null || $target instanceof LotWithdrawal || $this->isWithdrawn($fact->target)) {
            throw $node->at('target')->fail(MessageCode::NoSuchEntry);
        }
        $isMade = $target instanceof PutAway || $target instanceof Divided || $target instanceof Drawn;
        if ($isMade && $this->isUsed($target->id)) {
            throw $node->at('target')->fail(MessageCode::LotIsUsed);
        }
        if ($target instanceof PotStarted && $this->pots[$target->id]->drawn !== []) {
            throw $node->at('target')->fail(MessageCode::PotIsUsed);
        }
        if ($target instanceof FreezerTurn && $this->hasLaterTurn($target)) {
            throw $node->at('target')->fail(MessageCode::TurnedSince);
        }
    }

    /** Something was taken out of it. */
    private function isUsed(string $lot): bool
    {
        $it = $this->lots[$lot] ?? null;

        return $it !== null && $it->onHandMg() !== $it->massMg;
    }

    /** Its lot, or a part of it, was moved into the freezer, out of it or divided since: those facts stand on this one. */
    private function hasLaterTurn(LotFact $turn): bool
    {
        $isLater = false;
        foreach ($this->facts as $fact) {
            if ($isLater && $fact->about() === $turn->about() && ! $this->isWithdrawn($fact->id) && ($fact instanceof FreezerTurn || $fact instanceof Divided)) {
                return true;
            }
            $isLater = $isLater || $fact->id === $turn->id;
        }

        return false;
    }
}
