<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Room;
use Illuminate\Support\Facades\DB;

/** Arranges the stations of a room, and the waves of a practical, on the arrangement it was made for. */
final readonly class ArrangeRoom
{
    /**
     * @param list<list<int>> $rows  of station numbers
     * @param \stdClass|null  $waves by_station and gap_ms; null leaves them
     *
     * @throws OutOfDate where somebody arranged it meanwhile
     */
    public function arrange(Assessment $assessment, array $rows, ?\stdClass $waves, string $arrangement): void
    {
        DB::transaction(static function () use ($assessment, $rows, $waves, $arrangement): void {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["room {$assessment->room}"]);
            $assessment->refresh();
            $room = Room::named($assessment->room);
            if (self::versionOf($assessment, $room) !== $arrangement) {
                throw OutOfDate::since($room->version, ['rows' => implode(' / ', array_map(static fn(array $row): string => implode(' ', $row), $room->rows))], null);
            }
            Room::query()->updateOrCreate(['name' => $assessment->room], ['rows' => $rows, 'version' => $room->version + 1]);
            if ($waves !== null) {
                $assessment->update(['waves' => $waves, 'arranged' => $assessment->arranged + 1]);
            }
        });
    }

    /** The version of how a practical stands in its room. */
    public static function versionOf(Assessment $assessment, Room $room): string
    {
        return "{$room->version}-{$assessment->arranged}";
    }
}
