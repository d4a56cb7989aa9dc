<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\PotMove;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\Moved;
use DeftBlade\Core\Lots\PotStarted;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Str;

/** What goes into pots: each move of mass into one pot at most, and one class of product a pot. */
final readonly class PotContents
{
    public function __construct(private LotBooks $stored, private ReadTables $tables) {}

    /**
     * @param array<string, LotBook> $books those this request has touched, by family
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage where something cannot go into it
     */
    public function check(PotStarted $pot, Node $node, array $books): void
    {
        if ($pot->moves === []) {
            throw $node->at('moves')->fail(MessageCode::MustNotBeEmpty);
        }
        $classes = [];
        foreach ($node->at('moves')->items() as $index => $item) {
            $move = self::moveIn($pot->moves[$index], $books) ?? $this->storedMove($pot->moves[$index]);
            if ($move === null || $move[0]->to !== $pot->use->destination()) {
                throw $item->fail(MessageCode::NotForPot);
            }
            if (self::isTaken($pot->moves[$index], $pot->id, $books) || in_array($pot->moves[$index], array_slice($pot->moves, 0, $index), true)) {
                throw $item->fail(MessageCode::InAPot);
            }
            $classes[] = $this->classOf($move[1], $move[0]->lot);
            if ($classes[0] !== $classes[$index]) {
                throw $item->fail(MessageCode::OneClassAPot);
            }
        }
    }

    /**
     * @param array<string, LotBook> $books
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage where a move is in a pot
     */
    public function checkFree(string $move, Node $withdrawal, array $books): void
    {
        if (self::isTaken($move, null, $books)) {
            throw $withdrawal->at('target')->fail(MessageCode::InAPot);
        }
    }

    /**
     * @param array<string, LotBook> $books
     *
     * @return array{Moved, LotBook}|null
     */
    private static function moveIn(string $id, array $books): ?array
    {
        foreach ($books as $book) {
            $fact = $book->facts[$id] ?? null;
            if ($fact instanceof Moved) {
                return $book->isWithdrawn($id) ? null : [$fact, $book];
            }
        }

        return null;
    }

    /** @return array{Moved, LotBook}|null */
    private function storedMove(string $id): ?array
    {
        $family = Str::isUuid($id) ? LotEntry::query()->find($id)?->family_id : null;

        return $family === null ? null : self::moveIn($id, $this->stored->of([$family]));
    }

    /** @param array<string, LotBook> $books */
    private static function isTaken(string $move, ?string $besides, array $books): bool
    {
        $gone = [];
        foreach ($books as $book) {
            foreach ($book->facts as $fact) {
                if ($fact instanceof PotStarted && $fact->id !== $besides) {
                    $isBack = $book->isWithdrawn($fact->id);
                    if (! $isBack && in_array($move, $fact->moves, true)) {
                        return true;
                    }
                    $gone = $isBack ? [...$gone, $fact->id] : $gone;
                }
            }
        }
        $pot = PotMove::query()->find($move)?->pot_id;

        return $pot !== null && $pot !== $besides && ! in_array($pot, $gone, true);
    }

    /** The class of product of a lot, which may be made by this very request. */
    private function classOf(LotBook $book, string $lot): ?string
    {
        $assessment = $book->lots[$lot]->origin->assessment ?? null;

        return $assessment === null ? LotRow::query()->find($lot)?->class : $this->tables->classOf($this->tables->standardOf($assessment)->species);
    }
}
