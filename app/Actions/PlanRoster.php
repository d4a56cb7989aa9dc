<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use App\Roster\RosterFile;
use App\Roster\RosterRow;
use App\Roster\RowProblem;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/**
 * Holds a file against the roster. A row is the student with its number; without one, with its e-mail; without either, the one of its name in its group.
 * What the file does not say of somebody stays as it is.
 */
final readonly class PlanRoster
{
    public function plan(RosterFile $file): RosterPlan
    {
        $students = Student::query()->with('group')->get();
        $byNumber = $students->whereNotNull('number')->keyBy('number')->all();
        $byEmail = $students->whereNotNull('email')->keyBy('email')->all();
        $byName = $students->groupBy(static fn(Student $it): string => self::key($it->name, $it->group->name))->all();
        $changes = $problems = [];
        foreach ($file->rows as $row) {
            $found = $byNumber[$row->number] ?? ($row->email === '' ? null : $byEmail[$row->email] ?? null);
            // Somebody of that name with another number, or another address, is somebody else.
            $named = array_values(array_filter(($byName[self::key($row->name, $row->group)] ?? null)?->all() ?? [], static fn(Student $it): bool => ($row->number === '' || $it->number === null) && ($row->email === '' || $it->email === null)));
            if ($found === null && count($named) > 1) {
                $problems[] = new RowProblem($row->line, Message::of(MessageCode::RosterAmbiguous, ['name' => $row->name]));

                continue;
            }
            $found ??= $named[0] ?? null;
            $changes[] = new RosterChange($row, $found, $found === null ? [] : self::changes($row, $found));
        }
        $all = [...$file->problems, ...$problems];
        usort($all, static fn(RowProblem $a, RowProblem $b): int => $a->line <=> $b->line);

        return new RosterPlan($file, $changes, $all);
    }

    /** @return list<Message> */
    private static function changes(RosterRow $row, Student $student): array
    {
        $was = [$student->group->course, $student->group->name, $student->group->term];
        $is = [$row->course === '' ? $was[0] : $row->course, $row->group, $row->term === '' && $row->group === $was[1] ? $was[2] : $row->term];
        $said = static fn(string ...$group): string => implode(', ', array_filter($group));

        return [
            ...$row->name !== $student->name ? [Message::of(MessageCode::RosterName, ['was' => $student->name, 'is' => $row->name])] : [],
            ...$row->number !== '' && $row->number !== $student->number ? [Message::of(MessageCode::RosterNumber, ['was' => $student->number ?? 'none', 'is' => $row->number])] : [],
            ...$row->email !== '' && $row->email !== $student->email ? [Message::of(MessageCode::RosterAddress, ['was' => $student->email ?? 'none', 'is' => $row->email])] : [],
            ...$is !== $was ? [Message::of(MessageCode::RosterMoved, ['was' => $said(...$was), 'is' => $said(...$is)])] : [],
            ...$student->left_at !== null ? [Message::of(MessageCode::RosterBack)] : [],
        ];
    }

    private static function key(string $name, string $group): string
    {
        return mb_strtolower("$name\n$group");
    }
}
