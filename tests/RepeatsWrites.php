<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;

/**
 * Every write that a test makes and that is taken is sent once more, as a device does that did not hear the answer: nothing may be written by it.
 *
 * @phpstan-require-extends TestCase
 */
trait RepeatsWrites
{
    /** Made anew each time it is asked for, on purpose: links, codes and passwords; and who signs in or out. */
    private const MADE_ANEW = '#^/api/v1/(session|start|code|account|calendars|people/[^/]+/code|groups/[^/]+/codes)\b#';

    /** When somebody was last there is the time of the last request. */
    private const LAST_SEEN = ['presences'];

    /** @param \Closure(): int $send gives the status of the answer */
    private function sendAgain(string $method, string $uri, \Closure $send): void
    {
        if ($method === 'GET' || ! str_starts_with($uri, '/api/v1/') || preg_match(self::MADE_ANEW, $uri) === 1) {
            return;
        }
        DB::beginTransaction();
        $before = self::rowsWritten();
        $status = $send();
        $written = array_diff_assoc(self::rowsWritten(), $before);
        DB::rollBack();
        self::assertLessThan(500, $status, "$method $uri, sent again");
        self::assertSame([], array_values(array_diff(array_keys($written), self::LAST_SEEN)), "$method $uri, sent again, writes");
    }

    /** @return array<string, int> how many rows of each table were written in this transaction */
    private static function rowsWritten(): array
    {
        $written = [];
        foreach (DB::select('SELECT relname, n_tup_ins + n_tup_upd + n_tup_del AS rows FROM pg_stat_xact_user_tables') as $table) {
            if ($table instanceof \stdClass && is_string($table->relname) && is_int($table->rows)) {
                $written[$table->relname] = $table->rows;
            }
        }

        return $written;
    }
}
