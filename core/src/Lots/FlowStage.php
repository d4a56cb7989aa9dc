<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** The places of a flow beside the carcasses it starts from. */
enum FlowStage: string
{
    case Cuts = 'cuts';
    case ByProducts = 'by_products';
    case Waste = 'waste';
    /** Still to be weighed. */
    case Open = 'open';
    case Loss = 'loss';
    case Service = 'service';
    case Practical = 'practical';
    case Staff = 'staff';
    case Stock = 'stock';
    case Render = 'render';
    case Mince = 'mince';
    case Bin = 'bin';
    case OnHand = 'on_hand';
    /** Not put away yet. */
    case Tables = 'tables';

    public static function ofDestination(Destination $to): self
    {
        return match ($to) {
            Destination::Service => self::Service,
            Destination::Practical => self::Practical,
            Destination::Staff => self::Staff,
            Destination::Stock => self::Stock,
            Destination::Render => self::Render,
            Destination::Mince => self::Mince,
            Destination::Waste => self::Bin,
        };
    }

    /** What it counts as when one asks where delivered mass went in the end. */
    public function end(): ?FlowEnd
    {
        return match ($this) {
            self::Service, self::Practical, self::Staff => FlowEnd::Eaten,
            self::Stock, self::Render, self::Mince => FlowEnd::Cooked,
            self::Bin, self::Loss => FlowEnd::Lost,
            self::OnHand, self::Tables, self::Open => FlowEnd::Here,
            self::Cuts, self::ByProducts, self::Waste => null,
        };
    }
}
