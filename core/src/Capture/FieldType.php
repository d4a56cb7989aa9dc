<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What may stand under a key of a fact. */
enum FieldType
{
    /** Milligrams, 0 or more. */
    case Mass;
    /** Milligrams, more than 0. */
    case CarcassMass;
    /** The id of something the standard has. */
    case Known;
    /** Ids of things the standard has. */
    case KnownList;
    /** The index of a level of the criterion named beside it. */
    case Level;
    /** The number of a portion, from 1, of the piece named beside it. */
    case Portion;
    /** What a person wrote. */
    case Text;
    case Identifier;
    case IdentifierList;
    /** One value of an enum. */
    case Choice;
    case Sha256;
    /** A factor on a time, more than 0. */
    case Factor;
    /** The number of a station. */
    case Station;
    /** Degrees Celsius, as a probe in food shows them. */
    case Celsius;
    case Flag;
    /** A version number, from 1. */
    case Version;
    /** Millilitres, more than 0. */
    case Volume;
    /** How many, from 1. */
    case Count;
    /** A day of the calendar. */
    case Day;
}
