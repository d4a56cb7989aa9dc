<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use DeftBlade\Core\Json\Node;

/** One released result of a student, as it was sealed. */
final readonly class CourseTry
{
    /** @param array<string, float|null> $scores by component; null where it was not counted */
    private function __construct(public Attempt $attempt, public Node $result, public array $scores, public ?float $yield, public ?int $runningMs) {}

    /** @param Attempt $attempt with its practical and its release, sealed */
    public static function of(Attempt $attempt): self
    {
        $release = $attempt->release ?? throw new \LogicException('a try of a course is released');
        $result = Node::decode($release->seal->document)->at('result');
        $scores = [];
        foreach ($result->itemsOf('components') as $it) {
            $scores[$it->at('id')->text()] = $it->at('score')->isNull() ? null : $it->at('score')->number(0, 100);
        }
        $yield = $result->at('yields')->at('portion');
        $running = $result->at('time')->at('running_ms')->integer(0, PHP_INT_MAX);

        return new self($attempt, $result, $scores, $yield->isNull() ? null : $yield->number(0, 100), $running === 0 ? null : $running);
    }
}
