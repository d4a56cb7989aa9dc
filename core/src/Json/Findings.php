<?php

declare(strict_types=1);

namespace DeftBlade\Core\Json;

/** Everything found wrong with a document, where it is read to the end instead of to the first mistake. */
final class Findings
{
    /** @var list<InvalidPackage> */
    private array $problems = [];

    public function add(InvalidPackage $problem): void
    {
        $this->problems[] = $problem;
    }

    /** @return list<InvalidPackage> in the order of reading */
    public function all(): array
    {
        return $this->problems;
    }
}
