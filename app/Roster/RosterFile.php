<?php

declare(strict_types=1);

namespace App\Roster;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** A roster as a table says it: which column holds what, its students, and what is wrong by row. */
final readonly class RosterFile
{
    private const LONGEST = 200;

    /**
     * @param list<string>            $headings of the columns, as the file has them; "Column 1" … without a header
     * @param list<RosterColumn|null> $columns
     * @param list<string>            $groups   the file names, by their full names
     * @param list<RosterRow>         $rows     those without a problem
     * @param list<RowProblem>        $problems
     */
    private function __construct(public bool $hasHeader, public array $headings, public array $columns, public array $groups, public array $rows, public array $problems) {}

    /**
     * @param list<RosterColumn|null>|null $chosen    by hand; null for what the header names
     * @param bool|null                    $hasHeader null where the first row is one if it names a column
     * @param string                       $course    for rows that name none
     * @param string                       $group     for rows that name none
     * @param list<string>                 $only      groups to take, by their full names; [] for all
     *
     * @throws InvalidPackage where no column holds a name
     */
    public static function of(Table $table, ?array $chosen, ?bool $hasHeader, string $course = '', string $group = '', string $term = '', array $only = []): self
    {
        $first = $table->rows[array_key_first($table->rows)] ?? [];
        $named = array_map(RosterColumn::named(...), $first);
        $hasHeader ??= array_filter($named) !== [];
        $columns = self::once($chosen ?? ($hasHeader ? $named : array_fill(0, count($first), null)));
        $headings = $hasHeader ? $first : array_map(static fn(int $it): string => 'Column '.($it + 1), array_keys($first));
        $rows = $problems = $groups = [];
        foreach ($hasHeader ? array_slice($table->rows, 1, null, true) : $table->rows as $line => $cells) {
            $row = self::row($line, $cells, $columns, $course, $group, $term);
            $groups[$row->groupName()] = true;
            if ($only !== [] && ! in_array($row->groupName(), $only, true)) {
                continue;
            }
            $wrong = count($cells) > count($first) ? [Message::of(MessageCode::RosterCells, ['found' => count($cells), 'wanted' => count($first)])] : self::wrongWith($row);
            $rows[] = $row;
            array_push($problems, ...array_map(static fn(Message $it): RowProblem => new RowProblem($line, $it), $wrong));
        }
        array_push($problems, ...self::repeated($rows));
        $bad = array_fill_keys(array_map(static fn(RowProblem $it): int => $it->line, $problems), true);
        usort($problems, static fn(RowProblem $a, RowProblem $b): int => $a->line <=> $b->line);

        return new self($hasHeader, $headings, $columns, array_map(strval(...), array_keys(array_diff_key($groups, ['' => true]))), array_values(array_filter($rows, static fn(RosterRow $it): bool => ! isset($bad[$it->line]))), $problems);
    }

    /** Something holds a name. */
    public function isMapped(): bool
    {
        return in_array(RosterColumn::Name, $this->columns, true) || in_array(RosterColumn::Given, $this->columns, true) || in_array(RosterColumn::Family, $this->columns, true);
    }

    /**
     * @param list<RosterColumn|null> $columns
     *
     * @return list<RosterColumn|null> where two columns are the same thing, the first is it
     */
    private static function once(array $columns): array
    {
        $seen = [];

        return array_map(static function (?RosterColumn $it) use (&$seen): ?RosterColumn {
            if ($it === null || isset($seen[$it->value])) {
                return null;
            }
            $seen[$it->value] = true;

            return $it;
        }, $columns);
    }

    /**
     * @param list<string>            $cells
     * @param list<RosterColumn|null> $columns
     */
    private static function row(int $line, array $cells, array $columns, string $course, string $group, string $term): RosterRow
    {
        $said = [];
        foreach ($columns as $index => $column) {
            if ($column !== null) {
                $said[$column->value] = $cells[$index] ?? '';
            }
        }
        $of = static fn(RosterColumn $it, string $otherwise = ''): string => ($said[$it->value] ?? '') !== '' ? $said[$it->value] : $otherwise;

        return new RosterRow(
            $line,
            $of(RosterColumn::Number),
            $of(RosterColumn::Name, trim("{$of(RosterColumn::Given)} {$of(RosterColumn::Family)}")),
            $of(RosterColumn::Family),
            mb_strtolower($of(RosterColumn::Email)),
            $of(RosterColumn::Course, $course),
            $of(RosterColumn::Group, $group),
            $of(RosterColumn::Term, $term),
        );
    }

    /** @return list<Message> */
    private static function wrongWith(RosterRow $row): array
    {
        $long = array_keys(array_filter(get_object_vars($row), static fn(mixed $it): bool => is_string($it) && mb_strlen($it) > self::LONGEST));

        return [
            ...$row->name === '' ? [Message::of(MessageCode::RosterNoName)] : [],
            ...$row->group === '' ? [Message::of(MessageCode::RosterNoGroup)] : [],
            ...$row->email !== '' && filter_var($row->email, FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) === false ? [Message::of(MessageCode::RosterEmail, ['text' => InvalidPackage::quote($row->email)])] : [],
            ...array_map(static fn(string $it): Message => Message::of(MessageCode::RosterLong, ['column' => $it, 'longest' => self::LONGEST]), $long),
        ];
    }

    /**
     * @param list<RosterRow> $rows
     *
     * @return list<RowProblem> the later of two rows with one number, one address, or one name in one group and no number
     */
    private static function repeated(array $rows): array
    {
        $problems = $seen = [];
        foreach ($rows as $row) {
            $keys = array_filter([
                $row->number === '' ? '' : "number $row->number",
                $row->email === '' ? '' : "e-mail $row->email",
                $row->number !== '' || $row->email !== '' || $row->name === '' ? '' : "name $row->name in $row->group",
            ]);
            foreach ($keys as $key) {
                $folded = mb_strtolower($key);
                if (isset($seen[$folded])) {
                    $problems[] = new RowProblem($row->line, Message::of(MessageCode::RosterTwice, ['what' => $key, 'line' => $seen[$folded]]));
                }
                $seen[$folded] ??= $row->line;
            }
        }

        return $problems;
    }
}
