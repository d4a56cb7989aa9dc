<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\CarcassLooked;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** What is said of a result beside its reasons: what two assessors must agree on, how the carcass came in, a scale out of limits, caps in force, and what small thing would have put it into another band. */
final class Remark
{
    /** @return list<Message> */
    public static function of(AttemptResult $result, Policy $policy): array
    {
        return [...array_map(static fn(Mark $it): Message => $it->toAgree(), $result->toAgree), ...self::received($result->attempt->log->floor->look), ...self::scale($result->scaleOut, $policy), ...self::caps($result->grade->caps, $policy), ...self::borderline($result->borderline)];
    }

    /** @return list<Message> */
    private static function received(?CarcassLooked $look): array
    {
        return [
            ...$look === null || $look->not === [] ? [] : [Message::of(MessageCode::Looked, ['looked' => $look->not])],
            ...$look?->isWarm() === true ? [Message::of(MessageCode::Warm, ['core_c' => (float) $look->coreC, 'warmest_c' => CarcassLooked::WARMEST_C])] : [],
        ];
    }

    /** @return list<Message> */
    private static function scale(?ScaleCheck $out, Policy $policy): array
    {
        return $out === null ? [] : [Message::of(MessageCode::ScaleOut, [
            'nominal_mg' => $out->nominal->mg,
            'reading_mg' => $out->reading->mg,
            'limit_mg' => $policy->scale->maximumPermissibleError($out->nominal->mg),
        ])];
    }

    /**
     * @param list<CapCause> $causes
     *
     * @return list<Message>
     */
    private static function caps(array $causes, Policy $policy): array
    {
        $messages = [];
        foreach ($policy->caps as $cap) {
            if (in_array($cap->cause, $causes, true)) {
                $messages[] = Message::of(MessageCode::Capped, ['max' => $cap->max, 'cause' => $cap->cause->value]);
            }
        }

        return $messages;
    }

    /**
     * Rules one by one, steps of criteria to the same band together.
     *
     * @param list<Borderline> $borderline
     *
     * @return list<Message>
     */
    private static function borderline(array $borderline): array
    {
        $messages = $steps = [];
        foreach ($borderline as $it) {
            [$what, $rest] = explode(':', $it->cause, 2) + [1 => ''];
            if ($what === 'decision') {
                $messages[] = Message::of(MessageCode::BorderlineRule, ['rule' => $rest, 'band' => $it->band]);

                continue;
            }
            $steps[str_ends_with($rest, '+1') ? 'up' : 'down'][$it->band][] = substr($rest, 0, -2);
        }
        foreach ($steps as $direction => $bands) {
            foreach ($bands as $band => $criteria) {
                $messages[] = Message::of(MessageCode::BorderlineStep, ['direction' => $direction, 'count' => count($criteria), 'criteria' => $criteria, 'band' => (string) $band]);
            }
        }

        return $messages;
    }
}
