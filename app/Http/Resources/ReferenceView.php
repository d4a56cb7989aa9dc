<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\OwnTray;
use DeftBlade\Core\Grading\PieceVerdict;
use OpenApi\Attributes as OA;

/** The tray of whoever teaches, to hold one's own beside: carcasses differ, so in shares of the AP weight. */
#[OA\Schema]
final readonly class ReferenceView
{
    /**
     * @param list<StepSplitView> $splits
     * @param list<string>        $photos
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $tray,
        #[OA\Property(description: 'Whose it is.')]
        public string $by,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property]
        public ?int $running_ms,
        #[OA\Property]
        public ?float $yield_share,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number'), description: 'By piece, of those weighed.')]
        public \stdClass $shares,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StepSplitView::class), description: 'When the steps of the card were done; empty where it was cut without.')]
        public array $splits,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Photographs, by SHA-256.')]
        public array $photos,
    ) {}

    /** @param OwnTray $tray with the authors of its facts */
    public static function of(OwnTray $tray): self
    {
        $ms = $tray->result->attempt->log->time->ms;

        return new self($tray->id, $tray->facts[0]->user->name, $tray->beganOn(), $ms === 0 ? null : $ms, $tray->result->yields?->portion, (object) self::sharesOf($tray), StepSplitView::allOf($tray->splits()), HoldsView::of($tray->result->attempt->log)->photos);
    }

    /** @return array<string, float> by piece, of those weighed */
    public static function sharesOf(OwnTray $tray): array
    {
        $whole = $tray->result->attempt->log->weights->received?->mass->mg;
        $weighed = array_filter($tray->result->pieces, static fn(PieceVerdict $it): bool => $it->mass !== null);

        return $whole === null ? [] : array_column(array_map(static fn(PieceVerdict $it): array => [$it->piece->id, ($it->mass->mg ?? 0) / $whole], $weighed), 1, 0);
    }
}
