<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Attempt;
use App\Models\Capture;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** The piece a student would hand over for a place of their tray, of the carcass that was received. */
final readonly class DrawPiece
{
    /** @param string $place received, a piece, a bin or scrape */
    public function draw(Attempt $attempt, string $place): Mass
    {
        $attempt->load('captures', 'assessment');
        $seed = CarcassDraw::seedOf($attempt);
        if ($place === 'received') {
            return CarcassDraw::asPurchased($seed);
        }
        $standard = Standard::read(Node::of($attempt->assessment->document, 'standard'));

        return CarcassDraw::of($standard, $this->asPurchased($attempt, $seed), $seed)->massOf($place);
    }

    private function asPurchased(Attempt $attempt, string $seed): Mass
    {
        $received = $attempt->captures->last(static fn(Capture $it): bool => $it->kind === 'received');

        return $received === null
            ? CarcassDraw::asPurchased($seed)
            : Mass::ofMilligrams(Node::of($received->payload, 'received')->at('mass_mg')->integer(1, Mass::MOST_MG));
    }
}
