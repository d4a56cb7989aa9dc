<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

/** What is asked. */
enum QuizKind: string
{
    /** Where does this part of the carcass go? */
    case Goes = 'goes';
    /** Which of these parts belongs to this piece? */
    case Holds = 'holds';
    /** Which step of the method card comes next? */
    case Next = 'next';
    /** What usually goes wrong at this step? */
    case Fault = 'fault';
    /** Which step of a criterion is described? */
    case Level = 'level';
    /** What does this piece of a carcass of that weight weigh? Answered with a mass. */
    case Estimate = 'estimate';
    /** Which of these weights cannot be right? */
    case Odd = 'odd';
    /** Which of these steps is done first? */
    case Order = 'order';
    /** What sends a carcass back when it arrives? */
    case Arrives = 'arrives';
    /** What does nobody cut without? */
    case Starts = 'starts';
    /** How a drill went: no question, but it comes back as questions do. */
    case Drill = 'drill';
    /** Is it cut here? */
    case Cut = 'cut';
    /** Which step of a criterion does the tray in this photograph meet? */
    case Picture = 'picture';
}
