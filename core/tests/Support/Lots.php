<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests\Support;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\LotFactReader;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** Facts about lots, written in a few words. */
final class Lots
{
    /** @param array<string, mixed> $of what the kind says */
    public static function fact(string $id, string $kind, array $of): \stdClass
    {
        return (object) (['id' => $id, 'at' => '2026-03-02T12:00:00Z', 'by' => 'marit', 'kind' => $kind] + $of);
    }

    /** @param array<string, mixed> $of what differs from two kilograms of thighs, made on 2 March */
    public static function made(string $id, array $of = []): \stdClass
    {
        return self::fact($id, 'put_away', $of + ['assessment' => 'a', 'product' => 'thigh', 'off' => false, 'weights' => ['w'], 'mass_mg' => 2_000_000, 'made' => '2026-03-02']);
    }

    /** @param array<string, mixed> $of what differs from two kilograms of thighs for Wednesday, 4 March */
    public static function need(string $id, array $of = []): \stdClass
    {
        $of += ['species' => 'chicken', 'product' => 'thigh', 'title' => 'Thigh', 'on' => '2026-03-04', 'to' => 'service', 'text' => 'Lunch'];

        return self::fact($id, 'need', $of + (isset($of['pieces']) ? [] : ['mass_mg' => 2_000_000]));
    }

    public static function pot(string $id, string $use = 'stock'): \stdClass
    {
        return self::fact($id, 'pot', ['use' => $use, 'moves' => ['m']]);
    }

    /** Two litres of it, on 2 March. */
    public static function drawn(string $id, string $pot): \stdClass
    {
        return self::fact($id, 'draw', ['pot' => $pot, 'volume_ml' => 2_000, 'made' => '2026-03-02']);
    }

    /** @param string $time on 2 March */
    public static function cooled(string $id, string $lot, string $time, float $celsius): \stdClass
    {
        return (object) (['at' => "2026-03-02T{$time}Z"] + (array) self::fact($id, 'cool', ['lot' => $lot, 'c' => $celsius]));
    }

    /** Each fact on those before it. */
    public static function book(\stdClass ...$facts): LotBook
    {
        $book = LotBook::of([]);
        foreach ($facts as $index => $fact) {
            $node = Node::of($fact, "facts[$index]");
            $book = $book->with(LotFactReader::read($node), $node);
        }

        return $book;
    }

    /** @param array<string, string> $answers of the school, by question */
    public static function kitchen(array $answers = []): LotKitchen
    {
        return LotKitchen::read(Node::of((new ShippedDocuments())->school('lots'), 'lots'), $answers);
    }

    public static function tables(Package $package): Tables
    {
        $class = Assessment::read(Node::decode($package->json()));

        return Tables::of($class->standard, LotProducts::of($class->standard, self::kitchen(), 'poultry'), $class->grade()->attempts);
    }
}
