<?php

declare(strict_types=1);

namespace DeftBlade\Core\Package;

use DeftBlade\Core\Balance\MixUp;
use DeftBlade\Core\Grading\AttemptResult;

/** The results of a class, with the mix-ups between its trays. */
final readonly class ClassResult
{
    /**
     * @param list<AttemptResult> $attempts
     * @param list<MixUp>         $mixUps
     */
    public function __construct(public PackageFormat $format, public array $attempts, public array $mixUps) {}
}
