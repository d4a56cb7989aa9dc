<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Weighing\Mass;

/** What the decision rule of a policy and its scale mean for one piece: its guard band, z·u(m), in mass. */
final readonly class GuardBand
{
    public static function of(Policy $policy, Mass $piece): Message
    {
        $guard = abs($policy->decision->under(DecisionRule::Benefit)->guardBand($policy->scale->standardUncertainty($piece->mg)));

        return Message::of(match ($policy->decision->rule) {
            DecisionRule::Benefit => MessageCode::GuardBenefit,
            DecisionRule::Simple => MessageCode::GuardSimple,
            DecisionRule::Strict => MessageCode::GuardStrict,
        }, [
            'piece_mg' => $piece->mg,
            'guard_mg' => (int) round($guard),
            'confidence_share' => $policy->decision->confidence,
            'division_mg' => $policy->scale->divisionMg,
            'permissible_mg' => (int) round($policy->scale->maximumPermissibleError($piece->mg)),
        ]);
    }
}
