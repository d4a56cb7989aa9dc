<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\ScaleEvents;
use App\Live\Push;
use App\Scale\ScaleUnreachable;
use App\School\KeptSchool;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;

/** Pushes what the scale says to whoever listens, until it is ended. */
final class FollowScaleCommand extends Command
{
    /** After so long the school is looked up again: it may have other words by then. */
    private const SECONDS_AT_ONCE = 60;

    protected $signature = 'scale:follow';

    protected $description = 'Push what the scale says to whoever listens, until it is ended';

    public function handle(Push $push, KeptSchool $school): never
    {
        while (true) {
            $school->forget();
            try {
                $this->follow($push, microtime(true) + self::SECONDS_AT_ONCE);
            } catch (ScaleUnreachable $problem) {
                $push->scale('silent', $problem->getMessage());
                Sleep::for(1)->second();
            } catch (QueryException) {
                // The database is away: what the scale says waits for it.
                Sleep::for(1)->second();
            }
        }
    }

    private function follow(Push $push, float $until): void
    {
        $events = app(ScaleEvents::class);
        // Nothing more is asked of the database until then.
        DB::disconnect();
        foreach ($events->all() as $event => $said) {
            $push->scale($event, $said);
            if (microtime(true) > $until) {
                return;
            }
        }
    }
}
