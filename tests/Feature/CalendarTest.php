<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Student;
use App\Models\User;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;
use Tests\PlansPracticals;
use Tests\TestCase;

/** Practicals in a calendar, by a link that needs no sign-in. */
final class CalendarTest extends TestCase
{
    use PlansPracticals;

    private const WHO = ['marit', 'teodor', 'ilse', 'amina'];

    public function testWhoPlannedItMarksInItOrWorksInItHasItInTheirCalendar(): void
    {
        $this->setUpCrown(marks: 'teodor');
        $seen = [];
        foreach (self::WHO as $account) {
            $seen[$account] = array_column($this->events($this->link($account)), 'summary');
        }
        self::assertContains('Crown (rehearsal)', $seen['marit'], 'who planned it');
        self::assertContains('Crown (rehearsal)', $seen['teodor'], 'who marks in it');
        self::assertNotContains('Crown (rehearsal)', $seen['ilse'], 'who has nothing to do with it');
        self::assertContains('Crown (rehearsal)', $seen['amina'], 'who works in it');
    }

    public function testAStudentReadsTheirStationAndWaveAndNobodyElse(): void
    {
        $this->setUpCrown();
        $event = $this->crown($this->link('amina'));
        self::assertSame('Station 1, wave 1', $event['description']);
        $text = $this->read($this->link('amina'));
        foreach (Student::query()->where('name', '!=', 'Amina Berhane')->pluck('name') as $name) {
            self::assertStringNotContainsString((string) $name, $text);
        }
    }

    public function testItBeginsWhenItBeginsAtTheSchoolAndEndsWhenTheRoomIsClean(): void
    {
        $this->setUpCrown();
        $event = $this->crown($this->link('marit'));
        self::assertSame("{$this->tomorrow()} 09:00", $event['start']->format('Y-m-d H:i'));
        // Mise 10 min, two gaps of 8 min, the limit of 22 min, cleaning 10 min; Farid Nazaryan, with a quarter more, is in the first wave.
        self::assertSame("{$this->tomorrow()} 09:58", $event['end']->format('Y-m-d H:i'));
        self::assertSame('North kitchen', $event['location']);
    }

    public function testARoomsCalendarHasEveryPracticalInItAndThoseWithoutATimeForTheDay(): void
    {
        $this->setUpCrown();
        $events = $this->events($this->link('ilse', 'North kitchen'));
        self::assertSame(['Crown (rehearsal)'], array_column($events, 'summary'));
        $others = $this->events($this->link('ilse', $this->practical()->room));
        self::assertContains('Chicken eight-piece', array_column($others, 'summary'));
        self::assertContains(true, array_column($others, 'day'), 'set up without a time of day');
        $this->as('amina')->postJson('/api/v1/calendars', ['room' => 'North kitchen'])->assertForbidden();
    }

    public function testANewLinkEndsTheOneBeforeAndOnesOwnCanBeEnded(): void
    {
        $first = $this->link('marit');
        $second = $this->link('marit');
        $this->get($first)->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
        $this->get($second)->assertOk();
        $mine = $this->as('marit')->getJson('/api/v1/calendars')->assertOk()->assertJsonCount(1)->assertJsonPath('0.address', null)->json('0.id');
        $this->as('teodor')->deleteJson("/api/v1/calendars/$mine")->assertNotFound();
        $this->as('marit')->deleteJson("/api/v1/calendars/$mine")->assertNoContent();
        $this->get($second)->assertNotFound();
        $this->get('/api/v1/calendar.ics?token=')->assertNotFound();
        $this->get('/api/v1/calendar.ics?token[]=x')->assertNotFound();
    }

    public function testTheLinkOfSomebodyWhoLeftReadsNothing(): void
    {
        $link = $this->link('teodor');
        User::query()->where('email', 'teodor@tollgate-quay.example')->update(['left_at' => CarbonImmutable::now()]);
        $this->get($link)->assertNotFound();
    }

    /** RFC 5545, 3.1: lines end in CRLF and are no longer than 75 octets; 3.3.11: commas, semicolons and line ends in text are escaped. */
    public function testIsWrittenAsTheRfcHasIt(): void
    {
        $title = 'Crown, legs; and a very long name that goes on until the line is over, Łódź Zoë\\ end';
        $this->setUpCrown($title);
        $text = $this->read($this->link('marit'));
        self::assertSame(substr_count($text, "\n"), substr_count($text, "\r\n"));
        foreach (explode("\r\n", $text) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
        }
        $calendar = Reader::read($text);
        self::assertSame([], $calendar->validate());
        self::assertContains("$title (rehearsal)", array_column($this->events($this->link('marit')), 'summary'));
    }

    private function setUpCrown(string $title = 'Crown', string $marks = 'teodor'): void
    {
        $person = User::query()->where('email', "$marks@tollgate-quay.example")->firstOrFail()->id;
        $this->as('marit')->save(self::brief(['title' => $title, 'assessors' => [(object) ['person' => $person, 'is_second' => false, 'stations' => range(1, 12)]]]), 0)->assertOk();
        $this->set(1)->assertOk();
    }

    private function link(string $account, ?string $room = null): string
    {
        $address = $this->as($account)->postJson('/api/v1/calendars', ['room' => $room])->assertOk()->json('address');

        return is_string($address) ? $address : self::fail('no address');
    }

    private function read(string $link): string
    {
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();

        return (string) $this->get($link)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
    }

    /** @return array{summary: string, location: string, description: string, day: bool, start: \DateTimeInterface, end: \DateTimeInterface} */
    private function crown(string $link): array
    {
        foreach ($this->events($link) as $event) {
            if ($event['summary'] === 'Crown (rehearsal)') {
                return $event;
            }
        }
        self::fail('it is not in the calendar');
    }

    /** @return list<array{summary: string, location: string, description: string, day: bool, start: \DateTimeInterface, end: \DateTimeInterface}> */
    private function events(string $link): array
    {
        $calendar = Reader::read($this->read($link));
        self::assertInstanceOf(VCalendar::class, $calendar);

        return array_values(array_map(static fn(VEvent $it): array => [
            'summary' => (string) $it->SUMMARY, 'location' => (string) $it->LOCATION, 'description' => (string) $it->DESCRIPTION,
            'day' => ! $it->DTSTART->hasTime(), 'start' => $it->DTSTART->getDateTime(), 'end' => $it->DTEND->getDateTime(),
        ], array_filter($calendar->children(), static fn(mixed $it): bool => $it instanceof VEvent)));
    }
}
