<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** What lots are made of: a piece of the cut list with its other side, a bin, the meat off the frame, or a giblet. */
final readonly class LotProduct
{
    /**
     * @param list<string> $places pieces or the bin it comes from; none for a giblet, which nobody weighs at the tray
     * @param bool         $usable somebody eats it, or it becomes something
     */
    public function __construct(public string $id, public string $title, public LotProductKind $kind, public array $places, public bool $usable = true) {}

    /** What it is of its carcass; null of a giblet, which is not part of its weight. */
    public function stage(): ?FlowStage
    {
        return match (true) {
            $this->kind === LotProductKind::Giblet => null,
            $this->kind === LotProductKind::Piece => FlowStage::Cuts,
            default => $this->usable ? FlowStage::ByProducts : FlowStage::Waste,
        };
    }
}
