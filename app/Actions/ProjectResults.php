<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\ResultRow;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\GivenLevels;
use DeftBlade\Core\Capture\LevelJudged;
use DeftBlade\Core\Capture\SecondLooks;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\ComponentScore;
use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Grading\Grader;
use DeftBlade\Core\Grading\LookAt;
use DeftBlade\Core\Grading\PieceVerdict;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Grading\Tray;
use DeftBlade\Core\Grading\TwoLooks;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Lots\TrayYield;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;

/** Keeps the results projection: one row an attempt, as it was graded. */
final readonly class ProjectResults
{
    /** @param iterable<Attempt> $attempts of the class, with their captures */
    public function project(Assessment $assessment, iterable $attempts, GradedClass $class): void
    {
        $products = LotProducts::of($class->standard);
        $grader = new Grader($class->standard, $class->policy, $class->checks);
        $rows = [];
        foreach ($attempts as $attempt) {
            $row = self::judged($class, $class->of($attempt->id)) + self::account($class, $products, $attempt) + self::looks($class->of($attempt->id), $grader) + ['standard_sha256' => $assessment->held->sha256, 'policy_sha256' => $class->held->policySha256] + self::row($attempt, $class->of($attempt->id));
            $rows[] = (new ResultRow(['attempt_id' => $attempt->id, 'assessment_id' => $assessment->id] + $row))->getAttributes();
        }
        ResultRow::query()->upsert($rows, 'attempt_id');
    }

    /** @return array<string, int|object|null> where the mass of its carcass went */
    private static function account(GradedClass $class, LotProducts $products, Attempt $attempt): array
    {
        $result = $class->of($attempt->id);
        $tables = Tables::of($class->standard, $products, [$result]);
        $account = $tables->account(0);
        $yield = TrayYield::of($tables, $result);

        return ['delivered_mg' => $account->deliveredMg, 'cuts_mg' => $account->cutsMg, 'by_products_mg' => $account->byProductMg, 'waste_mg' => $account->wasteMg, 'open_mg' => $account->openMg, 'products_mg' => (object) $yield->massMg, 'worked_s' => $yield->seconds, 'scrape_mg' => $result->attempt->log->weights->scrape?->mg];
    }

    /** @return array<string, float|object> what the standard itself is looked at by */
    private static function judged(GradedClass $class, AttemptResult $result): array
    {
        $tray = Tray::of($class->standard, $result->attempt->log, $result->attempt->timeFactor, $class->policy->moderation);
        $points = [];
        foreach ($class->standard->criteria as $criterion) {
            $shortfall = $tray->excusesCriterion($criterion->id) ? null : $tray->mark($criterion)->shortfall();
            $points += $shortfall === null ? [] : [$criterion->id => (1 - $shortfall) * $criterion->maxPoints];
        }
        $given = static fn(GivenLevels $it): array => array_values(array_unique(array_filter([$it->first, $it->second, $it->agreed], is_int(...))));

        return ['points' => (object) $points, 'levels' => (object) array_map($given, $result->attempt->log->judged->levels), 'time_factor' => $result->attempt->timeFactor];
    }

    /** @return array<string, mixed> who judged it, and how */
    private static function looks(AttemptResult $result, Grader $grader): array
    {
        $seconds = SecondLooks::of($result->attempt->log->history);
        $both = TwoLooks::of($result, $grader);
        $given = static fn(?LevelJudged $it): ?array => $it === null ? null : ['level' => $it->level, 'by' => $it->by];

        return [
            'judged_by' => $seconds->first,
            'second_open' => $seconds->open,
            'second_finished' => $seconds->finished,
            'looks' => $both === null ? null : (object) [
                'levels' => (object) array_column(array_map(static fn(LookAt $it): array => [$it->criterion, ['first' => $given($it->first), 'second' => $given($it->second), 'agreed' => $given($it->agreed)]], $both->criteria), 1, 0),
                'first_total' => $both->firstTotal,
                'second_total' => $both->secondTotal,
            ],
        ];
    }

    /** The digest of a result without its sentences, which follow from it and from the words of the school. */
    public static function digest(AttemptResult $result): string
    {
        return hash('sha256', json_encode((new ResultDocument(PackageFormat::Three, null))->attempt($result), ResultDocument::JSON_FLAGS));
    }

    /** @return array<string, mixed> */
    private static function row(Attempt $attempt, AttemptResult $result): array
    {
        // While weights are still to come, what is missing is not yet a loss.
        $isWeighed = $result->balance->state !== BalanceState::Open || $result->status === Status::Final;

        return [
            'station' => $result->attempt->log->terms->station ?? throw new \LogicException('an attempt is at a station'),
            'last_seq' => $attempt->captures->max(static fn(Capture $it): int => $it->seq) ?? 0,
            'result_sha256' => self::digest($result),
            'status' => $result->status,
            'stage' => Stage::of($result),
            'total' => $result->grade->total,
            'band' => $result->grade->band?->label,
            'scores' => (object) array_column(array_map(static fn(ComponentScore $it): array => [$it->component->id(), $it->score], $result->scores), 1, 0),
            'portion_yield' => $isWeighed ? $result->yields?->portion : null,
            'utilisation' => $isWeighed ? $result->yields?->utilisation : null,
            'waste' => $isWeighed ? $result->yields?->waste : null,
            'loss' => $isWeighed ? $result->yields?->loss : null,
            'balance' => $result->balance->state,
            'unaccounted_mg' => $result->balance->unaccountedMg,
            'tolerance_mg' => $result->balance->tolerance?->mg,
            'masses' => (object) array_map(static fn($mass): int => $mass->mg, $result->attempt->log->weights->pieces),
            'bins' => (object) array_map(static fn($mass): int => $mass->mg, $result->attempt->log->weights->bins),
            'tag' => $result->attempt->log->weights->received?->tag,
            'out_ms' => $result->attempt->log->floor->coldChain->until(array_reduce($attempt->captures->all(), static fn(int $latest, Capture $it): int => max($latest, (int) $it->at->format('Uv')), 0)),
            'weighed_at' => $attempt->captures->last(static fn(Capture $it): bool => in_array($it->kind, [CaptureKind::Piece->value, CaptureKind::Portion->value], true))?->device,
            'verdicts' => (object) array_column(array_map(static fn(PieceVerdict $it): array => [$it->piece->id, $it->verdict->value], $result->pieces), 1, 0),
            'flags' => array_map(static fn(Flag $it): string => $it->value, Flag::of($result)),
        ];
    }
}
