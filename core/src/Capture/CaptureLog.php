<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;

/** What the facts of an attempt say now. */
final readonly class CaptureLog
{
    /** @param array<string, int> $splits running time in ms at each checkpoint, by its id */
    private function __construct(
        public CaptureHistory $history,
        public Weights $weights,
        public Judgements $judged,
        public RunningTime $time,
        public array $splits,
        public FloorRecord $floor,
        public AttemptTerms $terms,
    ) {}

    /**
     * @param list<Node> $nodes
     *
     * @throws InvalidPackage
     */
    public static function read(array $nodes, CaptureReader $reader): self
    {
        $captures = $voids = [];
        foreach ($nodes as $node) {
            $capture = $reader->read($node);
            if (isset($captures[$capture->id])) {
                throw $node->at('id')->fail(MessageCode::IdTaken, ['id' => InvalidPackage::quote($capture->id)]);
            }
            $captures[$capture->id] = $capture;
            if ($capture instanceof Withdrawal) {
                $voids[] = [$capture, $node];
            }
        }
        $withdrawals = Withdrawals::among(array_values($captures));
        foreach ($voids as [$void, $node]) {
            if (! isset($captures[$void->target])) {
                throw $node->at('target')->fail(MessageCode::NoSuchCapture);
            }
            if ($captures[$void->target] instanceof IncidentRecorded) {
                throw $node->at('target')->fail(MessageCode::IncidentStays);
            }
            if ($withdrawals->isCycle($void->id)) {
                throw $node->at('target')->fail(MessageCode::WithdrawalLoop);
            }
        }

        return self::of(array_values($captures), $reader->standard);
    }

    /** The same facts, had only these levels been given. */
    public function judgedAs(Judgements $judged): self
    {
        return new self($this->history, $this->weights, $judged, $this->time, $this->splits, $this->floor, $this->terms);
    }

    /** @return array<string, string> what the student handed in, by criterion */
    public function answers(): array
    {
        $answers = $this->history->holding(AnswerHandedIn::class);

        return array_combine(array_map(static fn(AnswerHandedIn $it): string => $it->criterion, $answers), array_map(static fn(AnswerHandedIn $it): string => $it->text, $answers));
    }

    /** @param list<Capture> $captures in any order */
    public static function of(array $captures, Standard $standard): self
    {
        $history = CaptureHistory::of($captures);
        $turns = $history->all(ClockTurned::class);
        $time = RunningTime::of($turns);
        $floor = FloorRecord::of($history);
        $splits = [];
        foreach ($history->holding(CheckpointPassed::class) as $it) {
            $splits[$it->checkpoint] = RunningTime::until($it->at, $turns);
        }

        return new self(
            $history,
            Weights::of($history, $standard, $time->presented, $floor->thrownAway()),
            Judgements::of($history),
            $time,
            $splits,
            $floor,
            AttemptTerms::of($history),
        );
    }
}
