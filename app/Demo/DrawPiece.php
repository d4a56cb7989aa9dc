<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Attempt;
use App\Models\Capture;
use App\TryOut\CarcassDraw;
use DeftBlade\Core\Carcass\TypicalMass;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** The piece a student would hand over for a place of their tray, of the carcass that was received. */
final readonly class DrawPiece
{
    public function __construct(private ShippedDocuments $shipped) {}

    /** @param string $place received, a piece, a bin or scrape */
    public function draw(Attempt $attempt, string $place): Mass
    {
        $attempt->load('captures', 'assessment');
        $seed = CarcassDraw::seedOf($attempt);
        $standard = Standard::read(Node::of($attempt->assessment->held->document, 'standard'));
        $drawn = CarcassDraw::asPurchased($seed, $this->shipped->typicalMassOf($standard->carcass) ?? TypicalMass::unknown());

        return $place === 'received' ? $drawn : CarcassDraw::of($standard, self::receivedBy($attempt) ?? $drawn, $seed)->massOf($place);
    }

    private static function receivedBy(Attempt $attempt): ?Mass
    {
        $received = $attempt->captures->last(static fn(Capture $it): bool => $it->kind === 'received');

        return $received === null ? null : Mass::ofMilligrams(Node::of($received->payload, 'received')->at('mass_mg')->integer(1, Mass::MOST_MG));
    }
}
