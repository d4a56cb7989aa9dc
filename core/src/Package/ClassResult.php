<?php

declare(strict_types=1);

namespace DeftBlade\Core\Package;

use DeftBlade\Core\Balance\MixUp;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Standard\Standard;

/** The results of a class, with the mix-ups between its trays. */
final readonly class ClassResult
{
    /**
     * @param list<AttemptResult> $attempts
     * @param list<MixUp>         $mixUps
     */
    public function __construct(public PackageFormat $format, public Standard $standard, public array $attempts, public array $mixUps) {}
}
