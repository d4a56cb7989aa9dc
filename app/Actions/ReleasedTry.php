<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Release;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\Regrade;

/** A result of a student that was released to them, as it was sealed. */
final readonly class ReleasedTry
{
    private function __construct(public string $attempt, public string $heldOn, public ?float $total, public ?string $band, public string $sha256, private Node $seal) {}

    /** @param Release $release with its seal */
    public static function of(Attempt $attempt, Release $release): self
    {
        return new self($attempt->id, $attempt->assessment->held_on->toDateString(), $release->total, $release->band, $release->seal_sha256, Node::decode($release->seal->document));
    }

    /** Of the AP weight, in saleable cuts; null where it was not known. */
    public function yield(): ?float
    {
        $yield = $this->seal->at('result')->at('yields')->at('portion');

        return $yield->isNull() ? null : $yield->number(0, 100);
    }

    /** What ran on the clock; null where it never did. */
    public function runningMs(): ?int
    {
        $ms = $this->seal->at('result')->at('time')->at('running_ms')->integer(0, PHP_INT_MAX);

        return $ms === 0 ? null : $ms;
    }

    /** The same, to be graded again with one thing better. */
    public function regrade(): Regrade
    {
        return Regrade::of($this->seal->at('package'));
    }
}
