<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** What a standard can be found to say too little, too much or twice by. */
enum FindingKind: string
{
    /** Nearly everybody has all its points. */
    case CriterionEasy = 'criterion_easy';
    /** Hardly anybody has its points. */
    case CriterionHard = 'criterion_hard';
    /** Who does well elsewhere does no better here. */
    case CriterionApart = 'criterion_apart';
    case LevelNeverGiven = 'level_never_given';
    /** Two criteria that go up and down together. */
    case CriteriaAlike = 'criteria_alike';
    case WindowHardlyMet = 'window_hardly_met';
    case WindowAlwaysMet = 'window_always_met';
    /** Everybody is done within the standard time. */
    case TimeNotNeeded = 'time_not_needed';
    case TimeHardlyMet = 'time_hardly_met';
}
