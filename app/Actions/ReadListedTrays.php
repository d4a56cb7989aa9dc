<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Release;
use App\Models\ResultMark;
use App\Models\ResultRow;
use App\Models\User;
use DeftBlade\Core\Balance\BalancedTray;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Grading\Stage;
use Illuminate\Support\Facades\DB;

/**
 * The trays of classes as the Bench lists them, in one query: a Bench has hundreds, and as models with their rows, students and releases they took six times
 * as long.
 */
final readonly class ReadListedTrays
{
    private const COLUMNS = [
        'attempts.id', 'attempts.assessment_id', 'students.name', 'results.station', 'results.stage', 'results.total', 'results.band', 'results.flags', 'results.verdicts', 'results.second_open',
        'results.last_seq', 'results.result_sha256', 'results.balance', 'results.unaccounted_mg', 'results.tolerance_mg',
        'released.last_seq as released_seq', 'released.result_sha256 as released_sha256', 'released.total as released_total', 'released.band as released_band',
    ];

    /**
     * @param list<string> $assessments
     *
     * @return array<string, list<ListedTray>> by assessment, in the order of their stations; what another judged is left out where this person is to mark it a second time
     */
    public function of(array $assessments, User $user): array
    {
        $off = array_column(array_filter(BalanceState::cases(), static fn(BalanceState $it): bool => $it->isOff()), 'value');
        // A mix-up is looked for between trays that do not add up: the masses of the others are not needed.
        $masses = 'CASE WHEN results.balance IN ('.implode(', ', array_fill(0, count($off), '?')).') THEN results.masses END AS masses';
        $latest = Release::query()->whereColumn('attempt_id', 'attempts.id')->latest('version')->limit(1);
        $rows = DB::table('attempts')->join('results', 'results.attempt_id', '=', 'attempts.id')->join('students', 'students.id', '=', 'attempts.student_id')->leftJoinLateral($latest, 'released')
            ->whereIn('attempts.assessment_id', $assessments)->orderBy('results.station')->select(self::COLUMNS)->selectRaw($masses, $off)->get();
        $listed = array_fill_keys($assessments, []);
        foreach ($rows as $row) {
            $tray = self::tray($row);
            $listed[self::text($row->assessment_id)][] = in_array($user->id, self::texts($row->second_open), true) ? $tray->withoutMarks() : $tray;
        }

        return $listed;
    }

    private static function tray(\stdClass $row): ListedTray
    {
        $attempt = self::text($row->id);
        $released = $row->released_seq === null ? null : self::mark($row->released_seq, $row->released_sha256, $row->released_total, $row->released_band);
        $now = self::mark($row->last_seq, $row->result_sha256, $row->total, $row->band);

        return new ListedTray(
            $attempt,
            self::whole($row->station),
            self::text($row->name),
            Stage::from(self::text($row->stage)),
            $now->total,
            $now->band,
            self::texts($row->flags),
            self::object($row->verdicts),
            ReleaseState::between($released, $now),
            new BalancedTray($attempt, BalanceState::from(self::text($row->balance)), self::whole($row->unaccounted_mg ?? 0), self::whole($row->tolerance_mg ?? 0), $row->masses === null ? [] : ResultRow::mgOf(self::object($row->masses))),
        );
    }

    private static function mark(mixed $seq, mixed $sha256, mixed $total, mixed $band): ResultMark
    {
        return new ResultMark(self::whole($seq), self::text($sha256), is_numeric($total) ? (float) $total : null, $band === null ? null : self::text($band));
    }

    private static function whole(mixed $value): int
    {
        return is_int($value) ? $value : throw new \UnexpectedValueException('A column of whole numbers holds something else.');
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : throw new \UnexpectedValueException('A column of text holds something else.');
    }

    /** @return list<string> */
    private static function texts(mixed $json): array
    {
        return $json === '[]' ? [] : array_values(array_filter((array) json_decode(self::text($json), flags: JSON_THROW_ON_ERROR), is_string(...)));
    }

    private static function object(mixed $json): \stdClass
    {
        return (object) (array) json_decode(self::text($json), flags: JSON_THROW_ON_ERROR);
    }
}
