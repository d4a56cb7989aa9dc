<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Brief\BriefDocument;
use App\Brief\BriefPlan;
use App\Models\Room;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Vocabulary\Units;

/** A practical with all that its prints say. */
final readonly class PrintedPractical
{
    /**
     * @param list<PrintedList>                                   $lists
     * @param list<array{name: string, second: bool, at: string}> $assessors at: their stations in words
     */
    public function __construct(
        public string $school,
        public BriefDocument $brief,
        public BriefPlan $plan,
        public array $lists,
        public array $assessors,
        public Room $room,
        public Units $units,
        public Currency $currency,
        public string $timeZone,
        public string $scrape,
        public Sentences $sentences,
        public bool $isSet,
    ) {}

    /** @return array<int, PrintedStudent> by station */
    public function stations(): array
    {
        $stations = [];
        foreach ($this->lists as $list) {
            foreach ($list->students as $student) {
                $stations[$student->station] = $student;
            }
        }
        ksort($stations);

        return $stations;
    }

    /** @return array<int, non-empty-list<PrintedStudent>> of all lists, by wave */
    public function waves(): array
    {
        return PrintedStudent::byWave($this->stations());
    }

    /** @return array<int, non-empty-list<PrintedStudent>> who shares which pan, in the order of zones */
    public function pans(): array
    {
        $pans = [];
        foreach ($this->stations() as $student) {
            if ($student->pan !== null) {
                $pans[$student->pan->pan][] = $student;
            }
        }
        ksort($pans);

        return array_map(static function (array $students): array {
            usort($students, static fn(PrintedStudent $one, PrintedStudent $other): int => $one->pan?->zone->value <=> $other->pan?->zone->value);

            return $students;
        }, $pans);
    }

    /** @return list<PracticalSheet> what there is to print */
    public function sheets(): array
    {
        return array_values(array_filter(PracticalSheet::cases(), fn(PracticalSheet $it): bool => $it !== PracticalSheet::Pans || $this->pans() !== []));
    }

    /** Such as "Thursday, 3 December 2026"; empty while there is no day. */
    public function day(): string
    {
        return $this->brief->day === null ? '' : (new \DateTimeImmutable($this->brief->day))->format('l, j F Y');
    }

    /** Seconds from the start as the time of day; "–" while there is no start. */
    public function timeAt(float $seconds): string
    {
        return $this->brief->start === null ? '–' : (new \DateTimeImmutable("{$this->brief->start} UTC"))->modify(sprintf('+%d seconds', (int) round($seconds)))->format('H:i');
    }
}
