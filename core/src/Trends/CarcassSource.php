<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** Whose carcasses are looked at. */
enum CarcassSource: string
{
    case Own = 'own';
    /** Those other schools gave. */
    case Pooled = 'pooled';
    case Both = 'both';
}
