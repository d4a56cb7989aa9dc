<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\CalendarLink;
use App\Models\Role;
use App\School\School;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Sabre\VObject\Component\VCalendar;

/** Practicals as a calendar (RFC 5545): those of a room, or those of a person, who works in them, marks in them or planned them. */
final readonly class CalendarFeed
{
    /** How far back it reads. */
    private const DAYS = 90;

    private const MOST = 500;

    public function __construct(private School $school) {}

    public function write(CalendarLink $link): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Deft Blade//Practicals//EN', 'X-WR-CALNAME' => $link->room ?? "{$this->school->settings->name}: {$link->user->name}"]);
        $practicals = Assessment::query()->with('attempts.student', 'group')
            ->where('held_on', '>=', $this->school->today()->subDays(self::DAYS)->toDateString())
            ->tap(static fn(Builder $query) => $link->room === null ? self::ofPerson($query, $link) : $query->where('room', $link->room))
            ->orderBy('held_on')->orderBy('id')->limit(self::MOST)->get();
        foreach ($practicals as $practical) {
            $event = $calendar->createComponent('VEVENT', $this->event($practical, $link));
            foreach (self::times($practical) as [$name, $value, $parameters]) {
                $event->add($name, $value, $parameters);
            }
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    /** @param Builder<Assessment> $query */
    private static function ofPerson(Builder $query, CalendarLink $link): void
    {
        if ($link->user->role === Role::Student) {
            $query->whereHas('attempts', static fn(Builder $attempts) => $attempts->where('student_id', $link->user->student?->id));

            return;
        }
        $marks = json_encode([['person' => $link->user_id]], JSON_THROW_ON_ERROR);
        $query->whereHas('brief', static fn(Builder $brief) => $brief->where('saved_by', $link->user_id)->orWhereRaw("(document::jsonb->'assessors') @> ?::jsonb", [$marks]));
    }

    /** @return array<string, mixed> */
    private function event(Assessment $practical, CalendarLink $link): array
    {
        $own = $practical->attempts->first(static fn(Attempt $it): bool => $it->student_id === $link->user->student?->id);

        return [
            'UID' => "{$practical->id}@deft-blade",
            'DTSTAMP' => CarbonImmutable::now()->utc(),
            'SUMMARY' => $practical->is_rehearsal ? "{$practical->title} (rehearsal)" : $practical->title,
            'STATUS' => $practical->cancelled === null ? 'CONFIRMED' : 'CANCELLED',
            'LOCATION' => $practical->room,
            'SEQUENCE' => $practical->arranged,
            'DESCRIPTION' => $own === null ? "{$practical->group->fullName()}, {$practical->attempts->count()} students" : "Station {$own->station}, wave {$practical->waveOf($own->station)}",
        ];
    }

    /** @return list<array{string, \DateTimeInterface|string, array<string, string>}> one that was set up without a time is for the day */
    private static function times(Assessment $practical): array
    {
        if ($practical->starts_at === null) {
            return [['DTSTART', $practical->held_on->format('Ymd'), ['VALUE' => 'DATE']], ['DTEND', $practical->held_on->addDay()->format('Ymd'), ['VALUE' => 'DATE']]];
        }

        return [['DTSTART', $practical->starts_at->utc(), []], ['DTEND', ($practical->ends_at ?? $practical->starts_at->addHour())->utc(), []]];
    }
}
