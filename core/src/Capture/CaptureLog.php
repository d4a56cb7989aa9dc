<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;

/** What holds now in an append-only list of captures: for one slot the latest that is not void, by time and then by id. */
final readonly class CaptureLog
{
    /**
     * @param array<string, Mass>                       $pieces    by piece id; of a set not weighed as a whole, its portions together, once all are in or the tray is presented
     * @param array<string, non-empty-array<int, Mass>> $portions  by piece id and number
     * @param array<string, non-empty-list<Mass>>       $weighings what the mass of each piece was put together from
     * @param array<string, int>                        $splits    running time in ms at each checkpoint, by its id
     * @param array<string, Mass>                       $bins      by bin id
     * @param array<string, int>                        $levels    by criterion id
     * @param array<string, int>                        $faults    marks counted, by fault id
     * @param list<CarcassRefused>                      $refusals
     * @param list<IncidentRecorded>                    $incidents
     * @param list<Photographed>                        $photos
     * @param array<string, true>                       $withdrawn ids of captures taken out
     * @param array<string, string>                     $replaced  by id of a capture, the later one that took its slot
     */
    private function __construct(
        public ?Received $received,
        public array $pieces,
        public array $portions,
        public array $weighings,
        public array $bins,
        public ?Mass $scrape,
        public array $levels,
        public array $faults,
        public RunningTime $time,
        public array $splits,
        /** Null while nobody has looked. */
        public ?MiseSeen $mise,
        public ColdChain $coldChain,
        public array $refusals,
        public array $incidents,
        public array $photos,
        private array $withdrawn,
        private array $replaced,
    ) {}

    public function piecesMg(): int
    {
        return array_sum(array_map(static fn(Mass $mass): int => $mass->mg, $this->pieces));
    }

    public function standingOf(string $capture): Standing
    {
        return match (true) {
            isset($this->withdrawn[$capture]) => Standing::Withdrawn,
            isset($this->replaced[$capture]) => Standing::Replaced,
            default => Standing::Holds,
        };
    }

    /** The capture that took the slot of this one; null where it stands, or was withdrawn. */
    public function replacementOf(string $capture): ?string
    {
        return $this->replaced[$capture] ?? null;
    }

    /**
     * @param list<Node> $nodes
     *
     * @throws InvalidPackage
     */
    public static function read(array $nodes, CaptureReader $reader): self
    {
        $captures = [];
        $voids = [];
        foreach ($nodes as $node) {
            $capture = $reader->read($node);
            if (isset($captures[$capture->id])) {
                throw $node->at('id')->fail(sprintf('"%s" is also the id of an earlier capture', InvalidPackage::quote($capture->id)));
            }
            $captures[$capture->id] = $capture;
            if ($capture instanceof Voided) {
                $voids[] = [$capture, $node];
            }
        }
        $withdrawals = Withdrawals::among(array_values($captures));
        foreach ($voids as [$void, $node]) {
            if (! isset($captures[$void->target])) {
                throw $node->at('target')->fail('no capture of this attempt has this id');
            }
            if ($captures[$void->target] instanceof IncidentRecorded) {
                throw $node->at('target')->fail('an incident stays on record');
            }
            if ($withdrawals->circle($void->id)) {
                throw $node->at('target')->fail('withdrawals that withdraw each other settle nothing');
            }
        }

        return self::of(array_values($captures));
    }

    /** @param list<Capture> $captures in any order */
    public static function of(array $captures): self
    {
        $withdrawals = Withdrawals::among($captures);
        usort($captures, static fn(Capture $a, Capture $b): int => $a->at <=> $b->at ?: strcmp($a->id, $b->id));

        $received = null;
        $scrape = null;
        $mise = null;
        $pieces = $portions = $bins = $levels = $faults = $turns = $stops = $doors = $refusals = $incidents = $photos = [];
        $withdrawn = $replaced = $holders = [];
        foreach ($captures as $capture) {
            if ($withdrawals->takeOut($capture->id)) {
                $withdrawn[$capture->id] = true;

                continue;
            }
            $slot = $capture instanceof CarcassRefused ? 'received' : $capture->slot();
            if ($slot !== null) {
                $replaced += isset($holders[$slot]) ? [$holders[$slot] => $capture->id] : [];
                $holders[$slot] = $capture->id;
            }
            match (true) {
                $capture instanceof Received => $received = $capture,
                $capture instanceof PieceWeighed => $pieces[$capture->piece] = $capture->mass,
                $capture instanceof PortionWeighed => $portions[$capture->piece][$capture->portion] = $capture,
                $capture instanceof BinWeighed => $bins[$capture->bin] = $capture->mass,
                $capture instanceof Scraped => $scrape = $capture->mass,
                $capture instanceof LevelJudged => $levels[$capture->criterion] = $capture->level,
                $capture instanceof FaultMarked => $faults[$capture->fault] = ($faults[$capture->fault] ?? 0) + 1,
                $capture instanceof ClockTurned => $turns[] = $capture,
                $capture instanceof CheckpointPassed => $stops[$capture->checkpoint] = $capture->at,
                $capture instanceof MiseSeen => $mise = $capture,
                $capture instanceof Chilled => $doors[] = $capture,
                $capture instanceof IncidentRecorded => $incidents[] = $capture,
                $capture instanceof Photographed => $photos[] = $capture,
                $capture instanceof CarcassRefused => [$received, $refusals[]] = [null, $capture],
                default => null,
            };
        }

        $thrownAway = array_flip(array_merge([], ...array_map(static fn(IncidentRecorded $it): array => $it->treatment === IncidentTreatment::Voided ? $it->pieces : [], $incidents)));
        [$pieces, $portions] = [array_diff_key($pieces, $thrownAway), array_diff_key($portions, $thrownAway)];
        $time = RunningTime::of($turns);
        $weighings = array_map(static fn(Mass $mass): array => [$mass], $pieces) + self::setsBy($portions, $time->presented);
        $splits = array_map(static fn(int $at): int => RunningTime::until($at, $turns), $stops);

        return new self(
            $received,
            array_map(Mass::sum(...), $weighings),
            array_map(static fn(array $set): array => array_map(static fn(PortionWeighed $it): Mass => $it->mass, $set), $portions),
            $weighings,
            $bins,
            $scrape,
            $levels,
            $faults,
            $time,
            $splits,
            $mise,
            ColdChain::of($doors),
            $refusals,
            $incidents,
            $photos,
            $withdrawn,
            $replaced,
        );
    }

    /**
     * @param array<string, non-empty-array<int, PortionWeighed>> $portions
     *
     * @return array<string, non-empty-list<Mass>>
     */
    private static function setsBy(array $portions, bool $presented): array
    {
        $sets = [];
        foreach ($portions as $piece => $set) {
            if ($presented || count($set) === reset($set)->of) {
                $sets[$piece] = array_values(array_map(static fn(PortionWeighed $it): Mass => $it->mass, $set));
            }
        }

        return $sets;
    }
}
