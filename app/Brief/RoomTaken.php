<?php

declare(strict_types=1);

namespace App\Brief;

use App\Models\Assessment;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** Practicals that are held in a room while another one is planned there. */
final readonly class RoomTaken
{
    private const MOST = 5;

    private const TIME = 'H:i';

    /**
     * @param \DateTimeImmutable $from the start of the one that is planned
     * @param \DateTimeImmutable $to   when its last bench is clean
     * @param string             $but  the brief that is planned: what was set from it does not stand in its own way
     *
     * @return list<Message> one a practical, the first first; those without a time of day are not known to be in the way
     */
    public static function during(string $room, \DateTimeImmutable $from, \DateTimeImmutable $to, string $but, School $school): array
    {
        $others = Assessment::query()->whereNull('cancelled')
            ->whereRaw('lower(room) = lower(?)', [trim($room)])
            ->where('starts_at', '<', $to)->where('ends_at', '>', $from)
            ->where(static fn($it) => $it->whereNull('brief_id')->orWhere('brief_id', '!=', $but))
            ->orderBy('starts_at')->orderBy('id')->limit(self::MOST)->get();
        $time = static fn(?CarbonImmutable $at): string => $at?->setTimezone($school->settings->timeZone)->format(self::TIME) ?? '';

        return array_values($others->map(static fn(Assessment $it): Message => Message::of(MessageCode::BriefRoomTaken, ['room' => $it->room, 'practical' => $it->title, 'from' => $time($it->starts_at), 'to' => $time($it->ends_at)]))->all());
    }
}
