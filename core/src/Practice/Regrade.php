<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\ClockEvent;
use DeftBlade\Core\Capture\ClockTurned;
use DeftBlade\Core\Capture\FaultMarked;
use DeftBlade\Core\Capture\MarkRound;
use DeftBlade\Core\Carcass\WindowBasis;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Grading\Tray;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;

/** What one try would have come to, had one thing gone better: its facts with that one thing said anew, graded again. */
final readonly class Regrade
{
    /** Points; what comes out under it is rounding in binary. */
    private const SLACK = 1e-6;

    private const LATER = '9998-12-31T00:00:00.000Z';

    private const BY = 'regrade';

    private function __construct(public Standard $standard, private Policy $policy, private \stdClass $facts, public AttemptResult $result) {}

    /** @param Node $package of one attempt */
    public static function of(Node $package): self
    {
        $read = Assessment::read($package);
        $facts = (object) array_intersect_key(get_object_vars($package->document()), ['attempts' => true, 'scale_checks' => true]);

        return new self($read->standard, $read->policy, $facts, $read->grade()->attempts[0]);
    }

    /** @return list<Improvement> every single thing that would have given points; the largest loss first */
    public function improvements(): array
    {
        $found = [];
        foreach ($this->result->reasons as $reason) {
            [$changes, $next] = $reason->lost > 0 ? $this->better($reason->why) : [[], null];
            $points = $changes === [] ? 0.0 : (float) $this->totalWith($changes) - (float) $this->result->grade->held();
            if ($points > self::SLACK) {
                $found[] = new Improvement($reason, $points, $next, $this->standard);
            }
        }

        return $found;
    }

    /** @param list<array<string, mixed>> $changes facts that come after all others */
    private function totalWith(array $changes): ?float
    {
        $facts = json_decode(json_encode($this->facts, JSON_THROW_ON_ERROR), false, 512, JSON_THROW_ON_ERROR);
        $attempt = $facts instanceof \stdClass && is_array($facts->attempts) ? $facts->attempts[0] : null;
        if (! $facts instanceof \stdClass || ! $attempt instanceof \stdClass || ! is_array($attempt->captures)) {
            throw new \LogicException('a package that was read has attempts with captures');
        }
        foreach ($changes as $index => $change) {
            $attempt->captures[] = (object) ($change + ['id' => "regrade-$index", 'at' => self::LATER, 'by' => self::BY]);
        }

        return Assessment::held($this->standard, $this->policy, Node::of($facts))->grade()->attempts[0]->grade->held();
    }

    /** @return array{list<array<string, mixed>>, string|null} the facts that would say it went better, and the level above; nothing where no single thing would */
    private function better(Message $why): array
    {
        $about = static fn(string $key): string => is_string($why->figures[$key] ?? null) ? $why->figures[$key] : '';

        return match ($why->code) {
            MessageCode::LevelReached, MessageCode::LevelsCombined, MessageCode::LevelAgreed => $this->aLevelUp($this->standard->criteria[$about('criterion')]),
            MessageCode::FaultMarked => [$this->withoutFault($about('fault')), null],
            MessageCode::PieceUnder, MessageCode::PieceOver, MessageCode::PieceMissing => [$this->asItShouldWeigh($about('piece')), null],
            MessageCode::PortionsRange, MessageCode::PortionsCv => [$this->allAlike($about('piece')), null],
            MessageCode::FrameScraped => [[['kind' => CaptureKind::Scrape->value, 'mass_mg' => $why->figures['clean_mg'] ?? 0]], null],
            MessageCode::TimeOver => [$this->inTime(), null],
            default => [[], null],
        };
    }

    /** @return array{list<array<string, mixed>>, string|null} */
    private function aLevelUp(Criterion $criterion): array
    {
        $now = Tray::of($this->standard, $this->result->attempt->log, $this->result->attempt->timeFactor, $this->policy->moderation)->mark($criterion)->shortfall();
        $above = array_filter(array_keys($criterion->levels), static fn(int $it): bool => $criterion->shortfallAt($it) < $now - self::SLACK);
        if ($above === []) {
            return [[], null];
        }
        usort($above, static fn(int $a, int $b): int => $criterion->shortfallAt($b) <=> $criterion->shortfallAt($a));

        return [[['kind' => CaptureKind::Level->value, 'criterion' => $criterion->id, 'level' => $above[0], 'round' => MarkRound::Agreed->value, 'reason' => self::BY]], $criterion->levels[$above[0]]->text];
    }

    /** @return list<array<string, mixed>> */
    private function withoutFault(string $fault): array
    {
        return $this->withdrawn(array_filter($this->result->attempt->log->history->holding(FaultMarked::class), static fn(FaultMarked $it): bool => $it->fault === $fault));
    }

    /** @return list<array<string, mixed>> in the middle of its window */
    private function asItShouldWeigh(string $piece): array
    {
        $window = $this->standard->cuts->pieces[$piece]->window;
        $whole = $window->basis === WindowBasis::Share ? $this->result->attempt->log->weights->received->mass->mg ?? 0 : 1;

        return [['kind' => CaptureKind::Piece->value, 'piece' => $piece, 'mass_mg' => (int) round($whole * ($window->low + $window->high) / 2)]];
    }

    /** @return list<array<string, mixed>> every portion of a set the same */
    private function allAlike(string $piece): array
    {
        $count = $this->standard->cuts->pieces[$piece]->portions->count ?? 1;
        $each = intdiv($this->result->attempt->log->weights->pieces[$piece]->mg ?? 0, $count);

        return array_map(static fn(int $it): array => ['kind' => CaptureKind::Portion->value, 'piece' => $piece, 'portion' => $it, 'mass_mg' => $each], range(1, $count));
    }

    /** @return list<array<string, mixed>> */
    private function inTime(): array
    {
        $standard = (int) ($this->standard->time?->times($this->result->attempt->timeFactor)->standardMs ?? 0);
        $end = (new \DateTimeImmutable(self::LATER))->modify("+$standard milliseconds")->format('Y-m-d\TH:i:s.vP');

        return [
            ...$this->withdrawn($this->result->attempt->log->history->all(ClockTurned::class)),
            ['kind' => CaptureKind::Clock->value, 'event' => ClockEvent::Start->value],
            ['kind' => CaptureKind::Clock->value, 'event' => ClockEvent::Stop->value, 'at' => $end],
        ];
    }

    /**
     * @param array<int, FaultMarked|ClockTurned> $captures
     *
     * @return list<array<string, mixed>>
     */
    private function withdrawn(array $captures): array
    {
        return array_values(array_map(static fn(FaultMarked|ClockTurned $it): array => ['kind' => CaptureKind::Void->value, 'target' => $it->id, 'reason' => self::BY], $captures));
    }
}
