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
     * @param array<string, Mass> $pieces    by piece id
     * @param array<string, Mass> $bins      by bin id
     * @param array<string, int>  $levels    by criterion id
     * @param array<string, int>  $faults    marks counted, by fault id
     * @param array<string, true> $withdrawn ids of captures taken out
     * @param array<string, true> $replaced  ids of captures whose slot a later one holds
     */
    private function __construct(
        public ?Received $received,
        public array $pieces,
        public array $bins,
        public ?Mass $scrape,
        public array $levels,
        public array $faults,
        public RunningTime $time,
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
        $pieces = $bins = $levels = $faults = $turns = [];
        $withdrawn = $replaced = $holders = [];
        foreach ($captures as $capture) {
            if ($withdrawals->takeOut($capture->id)) {
                $withdrawn[$capture->id] = true;

                continue;
            }
            $slot = $capture->slot();
            if ($slot !== null) {
                $replaced += isset($holders[$slot]) ? [$holders[$slot] => true] : [];
                $holders[$slot] = $capture->id;
            }
            match (true) {
                $capture instanceof Received => $received = $capture,
                $capture instanceof PieceWeighed => $pieces[$capture->piece] = $capture->mass,
                $capture instanceof BinWeighed => $bins[$capture->bin] = $capture->mass,
                $capture instanceof Scraped => $scrape = $capture->mass,
                $capture instanceof LevelJudged => $levels[$capture->criterion] = $capture->level,
                $capture instanceof FaultMarked => $faults[$capture->fault] = ($faults[$capture->fault] ?? 0) + 1,
                $capture instanceof ClockTurned => $turns[] = $capture,
                default => null,
            };
        }

        return new self($received, $pieces, $bins, $scrape, $levels, $faults, RunningTime::of($turns), $withdrawn, $replaced);
    }
}
