<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What was taken down of a station on the floor, beside the clock and the weights. */
final readonly class FloorRecord
{
    /**
     * @param list<CarcassRefused>   $refusals
     * @param list<IncidentRecorded> $incidents
     * @param list<Photographed>     $photos
     */
    private function __construct(
        /** Null while nobody has looked. */
        public ?MiseSeen $mise,
        /** Null while nobody has looked at the carcass that is here now. */
        public ?CarcassLooked $look,
        public ColdChain $coldChain,
        public array $refusals,
        public array $incidents,
        public array $photos,
    ) {}

    public static function of(CaptureHistory $history): self
    {
        return new self(
            $history->latest(MiseSeen::class),
            $history->latest(CarcassLooked::class),
            ColdChain::of($history->all(ColdChainEvent::class)),
            $history->all(CarcassRefused::class),
            $history->all(IncidentRecorded::class),
            $history->all(Photographed::class),
        );
    }

    /** @return list<string> pieces that incidents took off the tray */
    public function thrownAway(): array
    {
        $voided = array_filter($this->incidents, static fn(IncidentRecorded $it): bool => $it->treatment === IncidentTreatment::Voided);

        return array_merge([], ...array_map(static fn(IncidentRecorded $it): array => $it->pieces, array_values($voided)));
    }
}
