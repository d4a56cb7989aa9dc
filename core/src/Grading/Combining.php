<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** What becomes of two levels that lie near enough to each other. */
enum Combining: string
{
    /** Of their points. */
    case Mean = 'mean';
    /** The first holds; the second was a check. */
    case First = 'first';
    case Lower = 'lower';
    case Higher = 'higher';
}
