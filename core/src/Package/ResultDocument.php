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

/** Results in the shape of the published format deft-blade.result (docs/formats/result.schema.json), in the version that answers the package's. */
final class ResultDocument
{
    public const JSON_FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    public static function encode(ClassResult $result): string
    {
        return json_encode([
            'format' => $result->format->ofResult(),
            'attempts' => array_map(static fn(AttemptResult $it): array => self::attempt($it, $result->format), $result->attempts),
            'mixups' => array_map(self::mixUp(...), $result->mixUps),
        ], self::JSON_FLAGS | JSON_PRETTY_PRINT);
    }

    /** @return array<string, mixed> */
    public static function attempt(AttemptResult $result, PackageFormat $format): array
    {
        return [
            'id' => $result->attempt->id,
            'student' => $result->attempt->student,
            'status' => $result->status->value,
            'total' => $result->grade->total,
            'band' => $result->grade->band?->label,
            'caps' => array_map(static fn(CapCause $cause): string => $cause->value, $result->grade->caps),
            'components' => array_map(self::component(...), $result->scores),
            'pieces' => array_map(static fn(PieceVerdict $it): array => self::piece($it, $format), $result->pieces),
            'balance' => [
                'state' => $result->balance->state->value,
                'unaccounted_mg' => $result->balance->unaccountedMg,
                'tolerance_mg' => $result->balance->tolerance?->mg,
            ],
            'yields' => self::yields($result->yields),
            'time' => ['running_ms' => $result->attempt->log->time->ms, 'over_limit' => $result->overLimit],
            'borderline' => array_map(static fn(Borderline $it): array => ['cause' => $it->cause, 'band' => $it->band], $result->borderline),
            'reasons' => array_map(static fn(Reason $it): array => ['component' => $it->component, 'text' => $it->text, 'lost' => $it->lost], $result->reasons),
        ] + ($format === PackageFormat::One ? [] : ['splits' => self::splits($result)]);
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
    private static function piece(PieceVerdict $it, PackageFormat $format): array
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
        ] + ($format === PackageFormat::One ? [] : ['portions' => self::portions($it->evenness)]);
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
