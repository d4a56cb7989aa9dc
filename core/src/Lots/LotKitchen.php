<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** How a school deals with what its classes make: where it goes by default, what never goes there, how long it keeps. */
final readonly class LotKitchen
{
    private const MOST_DAYS = 366;

    /** Of a class of product that the list does not know. */
    private const FEWEST_DAYS = 1;

    /**
     * @param array<string, list<LotProduct>>  $giblets      by class of product
     * @param array<string, Destination>       $destinations by product
     * @param array<string, list<Destination>> $never        by product
     * @param array<string, PotKind>           $pots         by use
     * @param array<string, int>               $days         by class of product, or by use of the pot that made it
     * @param array<string, list<string>>      $becomes      by product, or by class of product
     */
    private function __construct(public string $scrapeTitle, private array $giblets, private array $destinations, private array $never, private array $pots, private array $days, private array $becomes) {}

    /** @param array<string, string> $answers the variant of practice the school chose, by question */
    public static function read(Node $node, array $answers): self
    {
        $node->keys(['scrape', 'giblets', 'destinations', 'never', 'pots', 'keeps', 'becomes']);
        $keeps = $node->at('keeps')->keys(['question', 'days'])->at('days');
        $schools = self::keysOf($keeps);
        $answer = $answers[$node->at('keeps')->at('question')->identifier()] ?? '';

        return new self(
            $node->at('scrape')->text(),
            self::each($node->at('giblets'), static fn(Node $list): array => array_map(self::giblet(...), $list->items())),
            self::each($node->at('destinations'), static fn(Node $it): Destination => $it->oneOf(Destination::class)),
            self::each($node->at('never'), static fn(Node $list): array => array_map(static fn(Node $it): Destination => $it->oneOf(Destination::class), $list->items())),
            self::each($node->at('pots'), PotKind::read(...)),
            self::each($keeps->at(in_array($answer, $schools, true) ? $answer : $schools[0]), static fn(Node $it): int => $it->integer(1, self::MOST_DAYS)),
            self::each($node->at('becomes'), static fn(Node $list): array => array_map(static fn(Node $it): string => $it->text(), $list->items())),
        );
    }

    /** @return list<LotProduct> */
    public function giblets(?string $class): array
    {
        return $this->giblets[$class ?? ''] ?? [];
    }

    /** Where it goes unless somebody says otherwise; null where it is kept. */
    public function destinationOf(LotProduct $product): ?Destination
    {
        return $product->usable ? $this->destinations[$product->id] ?? null : Destination::Waste;
    }

    /** @return list<Destination> where it may go */
    public function destinationsOf(string $product): array
    {
        return array_values(array_filter(Destination::cases(), fn(Destination $it): bool => ! in_array($it, $this->never[$product] ?? [], true)));
    }

    /** @throws InvalidPackage where a lot of this product never goes there */
    public function check(Moved $fact, string $product, Node $node): void
    {
        if (! in_array($fact->to, $this->destinationsOf($product), true)) {
            throw $node->at('to')->fail(MessageCode::NeverThere);
        }
    }

    /**
     * What it could become before it goes over its day: as its product does, else as its class of product.
     *
     * @return list<string>
     */
    public function becomes(string $product, ?string $class): array
    {
        return $this->becomes[$product] ?? $this->becomes[$class ?? ''] ?? [];
    }

    public function pot(PotUse $use): PotKind
    {
        return $this->pots[$use->value] ?? throw new \LogicException("the kitchen has no pots for {$use->value}");
    }

    /** How many days it keeps in the cold, the day it is made included: of raw product by its class, else by what the pot made. */
    public function daysOf(?string $class, ?PotUse $use = null): int
    {
        return $this->days[$use->value ?? $class ?? ''] ?? self::FEWEST_DAYS;
    }

    private static function giblet(Node $node): LotProduct
    {
        $node->keys(['id', 'title']);

        return new LotProduct($node->at('id')->identifier(), $node->at('title')->text(), LotProductKind::Giblet, []);
    }

    /**
     * @template T
     *
     * @param callable(Node): T $read
     *
     * @return array<string, T>
     */
    private static function each(Node $node, callable $read): array
    {
        $found = [];
        foreach (self::keysOf($node) as $key) {
            $found[$key] = $read($node->at($key));
        }

        return $found;
    }

    /** @return list<string> */
    private static function keysOf(Node $node): array
    {
        return array_map(strval(...), array_keys(get_object_vars($node->document())));
    }
}
