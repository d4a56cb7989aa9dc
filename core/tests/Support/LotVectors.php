<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\Lot;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotFactReader;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Facts about lots and the lots they come to by the core, as JSON that the module of the device is held to (tests/vectors/lots.json), drawn from a fixed seed. */
final readonly class LotVectors
{
    private const DRAWN = 60;

    private const FACTS = 14;

    public static function json(): string
    {
        $random = new Randomizer(new Mt19937(20261127));
        $vectors = array_map(static fn(): array => self::vector($random), range(1, self::DRAWN));

        return json_encode($vectors, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @return array{facts: list<\stdClass>, lots: list<array<string, mixed>>} */
    private static function vector(Randomizer $random): array
    {
        $book = LotBook::of([]);
        $facts = [];
        for ($index = 0; $index < self::FACTS; $index++) {
            $fact = self::fact($random, $book, "f$index");
            $node = Node::of($fact, 'fact');
            try {
                $book = $book->with(LotFactReader::read($node), $node);
                $facts[] = $fact;
            } catch (InvalidPackage) {
            }
        }

        return ['facts' => $facts, 'lots' => array_values(array_map(self::lot(...), $book->lots))];
    }

    private static function fact(Randomizer $random, LotBook $book, string $id): \stdClass
    {
        $any = static fn(array $of): mixed => $of === [] ? 'none' : $of[$random->getInt(0, count($of) - 1)];
        $lot = $any(array_keys($book->lots));
        $mass = $random->getInt(1, 1_500_000);
        $day = sprintf('2026-03-%02d', $random->getInt(2, 28));

        return match ($book->lots === [] ? 'put_away' : $any(['put_away', 'move', 'move', 'divide', 'weigh', 'freeze', 'thaw', 'void'])) {
            'put_away' => Lots::made($id, ['mass_mg' => $random->getInt(500_000, 3_000_000)]),
            'move' => Lots::fact($id, 'move', ['lot' => $lot, 'to' => $any(['service', 'stock', 'staff']), 'mass_mg' => $mass]),
            'divide' => Lots::fact($id, 'divide', ['lot' => $lot, 'mass_mg' => $mass, 'container' => 'Pan 2']),
            'weigh' => Lots::fact($id, 'weigh', ['lot' => $lot, 'mass_mg' => $mass]),
            'freeze' => Lots::fact($id, 'freeze', ['lot' => $lot, 'on' => $day]),
            'thaw' => Lots::fact($id, 'thaw', ['lot' => $lot, 'on' => $day]),
            'void' => Lots::fact($id, 'void', ['target' => $any(array_keys($book->facts)), 'reason' => 'x']),
        };
    }

    /** @return array<string, mixed> as far as a device works it out */
    private static function lot(Lot $lot): array
    {
        return [
            'id' => $lot->id,
            'parent' => $lot->parent,
            'container' => $lot->container,
            'mass_mg' => $lot->massMg,
            'on_hand_mg' => $lot->onHandMg(),
            'divided_mg' => $lot->dividedMg,
            'moved' => (object) $lot->movedMg,
            'frozen_since' => $lot->frozenSince?->format('Y-m-d'),
            'pan_off_mg' => $lot->panOffMg(),
            'counted' => $lot->counted,
        ];
    }
}
