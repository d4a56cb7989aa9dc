<?php

declare(strict_types=1);

namespace App\Actions;

/** What one request took down of an attempt. */
final readonly class Recorded
{
    /**
     * @param GradedClass  $class  the attempt alone, with all that was taken down of it
     * @param list<string> $new    ids of what was not there before
     * @param int          $before the seq its class stood at before
     */
    public function __construct(public GradedClass $class, public array $new, public int $before) {}
}
