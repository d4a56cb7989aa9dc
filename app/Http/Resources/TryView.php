<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\OwnTray;
use App\Actions\ReleasedTry;
use DeftBlade\Core\Grading\PieceVerdict;
use DeftBlade\Core\Grading\Verdict;
use OpenApi\Attributes as OA;

/** One try at a standard: a released result, or a tray that was practised. */
#[OA\Schema]
final readonly class TryView
{
    private function __construct(
        #[OA\Property(format: 'uuid', description: 'Null of a practice tray.')]
        public ?string $attempt,
        #[OA\Property(format: 'uuid', description: 'Null of a released result.')]
        public ?string $tray,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property(description: 'Null of a practice tray: nobody grades it.')]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property(description: 'The share of the AP weight that went into cuts.')]
        public ?float $yield_share,
        #[OA\Property]
        public ?int $running_ms,
        #[OA\Property(description: 'Pieces that lie in their window, of those weighed.')]
        public ?int $met,
        #[OA\Property]
        public ?int $weighed,
    ) {}

    public static function released(ReleasedTry $it): self
    {
        return new self($it->attempt, null, $it->heldOn, $it->total, $it->band, $it->yield(), $it->runningMs(), null, null);
    }

    public static function practised(OwnTray $it): self
    {
        $weighed = array_filter($it->result->pieces, static fn(PieceVerdict $piece): bool => $piece->mass !== null);
        $met = array_filter($weighed, static fn(PieceVerdict $piece): bool => in_array($piece->verdict, [Verdict::Within, Verdict::Allowed], true));
        $ms = $it->result->attempt->log->time->ms;

        return new self(null, $it->id, $it->beganOn(), null, null, $it->result->yields?->portion, $ms === 0 ? null : $ms, count($met), count($weighed));
    }
}
