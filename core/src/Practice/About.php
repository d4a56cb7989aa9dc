<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Grading\Reason;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;

/** What points were lost at: a criterion, a fault, a piece, or a component as a whole; the same whichever tray it was seen in. */
final readonly class About
{
    /** @param string $id of the criterion, fault or piece; of a component that of the component */
    private function __construct(public AboutKind $kind, public string $id, private bool $isEvenness = false) {}

    public static function ofReason(Reason $reason): self
    {
        $isEvenness = in_array($reason->why->code, [MessageCode::PortionsRange, MessageCode::PortionsCv], true);

        return self::named(array_map(static fn(mixed $it): string => is_string($it) ? $it : '', $reason->why->figures), $reason->component, $isEvenness);
    }

    /** @return self|null of a reason in a result; null before format /3, which says no figures */
    public static function ofResult(Node $reason): ?self
    {
        if (! $reason->has('figures')) {
            return null;
        }
        $figures = $reason->at('figures');
        $ids = [];
        foreach ([AboutKind::Criterion, AboutKind::Fault, AboutKind::Piece] as $kind) {
            $ids[$kind->value] = $figures->has($kind->value) ? $figures->at($kind->value)->text() : '';
        }

        return self::named($ids, $reason->at('component')->text(), false);
    }

    /** The same for the same thing; how even the portions of a piece are is another thing than what they weigh. */
    public function key(): string
    {
        return ($this->kind === AboutKind::Component ? $this->id : "{$this->kind->value} $this->id").($this->isEvenness ? ' evenness' : '');
    }

    /** As the standard calls it; of a piece without its side. Null of what is no longer in it. */
    public function titleIn(Standard $standard): ?string
    {
        return match ($this->kind) {
            AboutKind::Criterion => $standard->criteria[$this->id]->title ?? null,
            AboutKind::Fault => $standard->faults[$this->id]->title ?? null,
            AboutKind::Piece => ucfirst(trim((string) preg_replace('/\b(left|right)\b/iu', '', $standard->titleOf($this->id)))),
            AboutKind::Component => ucfirst($this->id),
        };
    }

    /** What to aim at when it is drilled: the highest level as the standard describes it, the window, the time. Null of what nothing can be aimed at in. */
    public function aimIn(Standard $standard): ?Message
    {
        return match ($this->kind) {
            AboutKind::Criterion => self::highest($standard->criteria[$this->id] ?? null),
            AboutKind::Fault => isset($standard->faults[$this->id]) ? Message::of(MessageCode::DrillFault) : null,
            AboutKind::Piece => isset($standard->cuts->pieces[$this->id]) ? Message::of(MessageCode::DrillPiece) : null,
            AboutKind::Component => match ($this->id) {
                'time' => $standard->time === null ? null : Message::of(MessageCode::DrillTime, ['standard_ms' => (int) $standard->time->standardMs]),
                'frame' => $standard->frame === null ? null : Message::of(MessageCode::DrillFrame, ['clean_mg' => $standard->frame->clean->mg]),
                default => null,
            },
        };
    }

    /** What to do about it, alone and slowly. */
    public function drill(): Message
    {
        return Message::of(match ($this->kind) {
            AboutKind::Criterion => MessageCode::DrillDoCriterion,
            AboutKind::Fault => MessageCode::DrillDoFault,
            AboutKind::Piece => $this->isEvenness ? MessageCode::DrillDoEven : MessageCode::DrillDoPiece,
            AboutKind::Component => match ($this->id) {
                'time' => MessageCode::DrillDoTime,
                'frame' => MessageCode::DrillDoFrame,
                default => MessageCode::DrillDoCriterion,
            },
        });
    }

    private static function highest(?Criterion $criterion): ?Message
    {
        foreach ($criterion->levels ?? [] as $level) {
            if ($level->points === $criterion?->maxPoints) {
                return Message::of(MessageCode::DrillLevel, ['after' => $level->text]);
            }
        }

        return null;
    }

    /** @return list<string> parts of the carcass it is about; none where it names none */
    public function partsIn(Standard $standard): array
    {
        return match ($this->kind) {
            AboutKind::Piece => $standard->cuts->pieces[$this->id]->parts ?? [],
            AboutKind::Component => [],
            default => (new NamedParts($standard))->in($this->titleIn($standard) ?? ''),
        };
    }

    /** @param array<string, string> $ids */
    private static function named(array $ids, string $component, bool $isEvenness): self
    {
        foreach ([AboutKind::Criterion, AboutKind::Fault, AboutKind::Piece] as $kind) {
            if (($ids[$kind->value] ?? '') !== '') {
                return new self($kind, $ids[$kind->value], $isEvenness);
            }
        }

        return new self(AboutKind::Component, $component);
    }
}
