<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

/** The class of product of every species that ships, as its carcass file says. */
final readonly class ProductCatalogue
{
    /** @param array<string, Product> $bySpecies */
    public function __construct(private array $bySpecies) {}

    /** Null for a species that did not ship. */
    public function of(string $species): ?Product
    {
        return $this->bySpecies[$species] ?? null;
    }

    /** @return list<string> every class of product: "poultry", "fish", … */
    public function classes(): array
    {
        return array_values(array_unique(array_map(static fn(Product $it): string => $it->class, $this->bySpecies)));
    }

    /**
     * @param list<string> $classes
     *
     * @return list<string> the species that are of one of these classes
     */
    public function speciesIn(array $classes): array
    {
        return array_map(strval(...), array_keys(array_filter($this->bySpecies, static fn(Product $it): bool => in_array($it->class, $classes, true))));
    }
}
