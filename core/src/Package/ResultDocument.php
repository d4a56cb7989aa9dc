<?php

declare(strict_types=1);

namespace DeftBlade\Core\Package;

use DeftBlade\Core\Balance\MixUp;
use DeftBlade\Core\Balance\Yields;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\Borderline;
use DeftBlade\Core\Grading\CapCause;
use DeftBlade\Core\Grading\ComponentScore;
use DeftBlade\Core\Grading\EvennessVerdict;
use DeftBlade\Core\Grading\PieceVerdict;
use DeftBlade\Core\Grading\Reason;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Sentence\Sentences;

/** Results in the shape of the published format deft-blade.result (docs/formats/result.schema.json), in the version that answers the package's. */
final readonly class ResultDocument
{
    public const JSON_FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    /** @param Sentences|null $sentences null for codes and figures alone: sentences follow from them and from the words of the school */
    public function __construct(private PackageFormat $format, private ?Sentences $sentences) {}

    /** The whole result as JSON text, its reasons in English. */
    public static function encode(ClassResult $result): string
    {
        $document = new self($result->format, Sentences::plain($result->standard));

        return json_encode([
            'format' => $result->format->ofResult(),
            'attempts' => array_map($document->attempt(...), $result->attempts),
            'mixups' => array_map(self::mixUp(...), $result->mixUps),
        ], self::JSON_FLAGS | JSON_PRETTY_PRINT);
    }

    /** @return array<string, mixed> */
    public function attempt(AttemptResult $result): array
    {
        return [
            'id' => $result->attempt->id,
            'student' => $result->attempt->student,
            'status' => $result->status->value,
            'total' => $result->grade->total,
            'band' => $result->grade->band?->label,
            'caps' => array_map(static fn(CapCause $cause): string => $cause->value, $result->grade->caps),
            'components' => array_map(self::component(...), $result->scores),
            'pieces' => array_map($this->piece(...), $result->pieces),
            'balance' => [
                'state' => $result->balance->state->value,
                'unaccounted_mg' => $result->balance->unaccountedMg,
                'tolerance_mg' => $result->balance->tolerance?->mg,
            ],
            'yields' => self::yields($result->yields),
            'time' => ['running_ms' => $result->attempt->log->time->ms, 'over_limit' => $result->overLimit],
            'borderline' => array_map(static fn(Borderline $it): array => ['cause' => $it->cause, 'band' => $it->band], $result->borderline),
            'reasons' => array_map($this->reason(...), $result->reasons),
        ] + ($this->format === PackageFormat::One ? [] : ['splits' => self::splits($result)]) + ($this->format->version() < 3 ? [] : ['remarks' => array_map($this->remark(...), $result->remarks)]);
    }

    /** @return array<string, mixed> */
    public static function mixUp(MixUp $it): array
    {
        return ['kind' => $it->kind->value, 'attempts' => [$it->over, $it->short], 'piece' => $it->piece, 'left_mg' => $it->leftMg];
    }

    /** @return array<string, mixed> */
    private static function component(ComponentScore $it): array
    {
        return ['id' => $it->component->id(), 'weight' => $it->component->weight(), 'state' => $it->state->value, 'score' => $it->score];
    }

    /** @return array<string, mixed> */
    private function piece(PieceVerdict $it): array
    {
        return [
            'id' => $it->piece->id,
            'mass_mg' => $it->mass?->mg,
            'expected_mg' => $it->expected?->mg,
            'low' => $it->piece->window->low,
            'high' => $it->piece->window->high,
            'quantity' => $it->quantity?->value,
            'verdict' => $it->verdict->value,
            'conformance' => $it->conformance,
            'score' => $it->score,
            'recovery' => $it->recovery(),
        ] + ($this->format === PackageFormat::One ? [] : ['portions' => self::portions($it->evenness)]);
    }

    /** @return array<string, mixed> */
    private function remark(Message $it): array
    {
        return $this->text($it) + ['code' => $it->code->value, 'figures' => (object) $it->figures];
    }

    /** @return array<string, mixed> */
    private function reason(Reason $it): array
    {
        $code = $this->format->version() < 3 ? [] : ['code' => $it->why->code->value, 'figures' => (object) $it->why->figures];

        return ['component' => $it->component] + $this->text($it->why) + ['lost' => $it->lost] + $code;
    }

    /** @return array<string, string> */
    private function text(Message $it): array
    {
        return $this->sentences === null ? [] : ['text' => $this->sentences->say($it)];
    }

    /** @return array<string, mixed>|null */
    private static function portions(?EvennessVerdict $it): ?array
    {
        return $it === null ? null : [
            'count' => $it->portions->count,
            'weighed' => $it->weighed,
            'measure' => $it->portions->measure?->value,
            'figure' => $it->figure,
            'limit' => $it->isAsked() ? $it->portions->limit : null,
            'score' => $it->score,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function splits(AttemptResult $result): array
    {
        $splits = $result->attempt->log->splits;

        return array_map(static fn(string|int $checkpoint, int $ms): array => ['checkpoint' => (string) $checkpoint, 'running_ms' => $ms], array_keys($splits), $splits);
    }

    /** @return array<string, float|null> */
    private static function yields(?Yields $it): array
    {
        return ['portion' => $it?->portion, 'utilisation' => $it?->utilisation, 'waste' => $it?->waste, 'loss' => $it?->loss];
    }
}
