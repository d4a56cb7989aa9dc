<?php

declare(strict_types=1);

namespace App\Roster;

/** What a column of a roster may hold. */
enum RosterColumn: string
{
    case Number = 'number';
    case Name = 'name';
    case Given = 'given';
    case Family = 'family';
    case Email = 'email';
    case Course = 'course';
    case Group = 'group';
    case Term = 'term';

    /** The column that a header names, in the words schools use; null where it names none of these. */
    public static function named(string $header): ?self
    {
        return match ((string) preg_replace('/[^\p{L}]+/u', '', mb_strtolower($header))) {
            'number', 'no', 'nr', 'id', 'studentid', 'studentnumber', 'studentno', 'identifier', 'registrationnumber', 'matriculationnumber' => self::Number,
            'name', 'fullname', 'student', 'studentname', 'displayname' => self::Name,
            'givenname', 'given', 'firstname', 'forename', 'first', 'preferredname' => self::Given,
            'familyname', 'family', 'surname', 'lastname', 'last' => self::Family,
            'email', 'mail', 'emailaddress' => self::Email,
            'course', 'programme', 'program', 'module', 'subject' => self::Course,
            'group', 'class', 'section', 'cohort', 'set' => self::Group,
            'term', 'semester', 'session', 'block', 'year' => self::Term,
            default => null,
        };
    }

    /** As an export heads it. */
    public function heading(): string
    {
        return match ($this) {
            self::Number => 'Number',
            self::Name => 'Name',
            self::Given => 'Given name',
            self::Family => 'Family name',
            self::Email => 'E-mail',
            self::Course => 'Course',
            self::Group => 'Group',
            self::Term => 'Term',
        };
    }
}
