<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;

/** Something judged by looking, in levels. */
final readonly class Criterion
{
    private const MOST_POINTS = 1000;

    private const LONGEST_QUESTION = 500;

    /** @param list<Level> $levels */
    private function __construct(
        public string $id,
        public string $title,
        public string $component,
        public float $weight,
        public array $levels,
        public float $maxPoints,
        /** What the student answers in writing before the clock starts; null where nothing is asked. */
        public ?string $question,
    ) {}

    public static function read(Node $node): self
    {
        $node->keys(['id', 'component', 'weight', 'levels'], ['title', 'question']);
        $id = $node->at('id')->identifier();
        $levels = [];
        foreach ($node->at('levels')->items() as $item) {
            $item->keys(['points', 'text'], ['title']);
            $levels[] = new Level($item->at('points')->number(0, self::MOST_POINTS), $item->at('text')->text());
        }
        $maxPoints = max([0.0, ...array_map(static fn(Level $level): float => $level->points, $levels)]);
        if ($maxPoints <= 0) {
            throw $node->at('levels')->fail(MessageCode::NoPoints);
        }

        return new self(
            $id,
            $node->textOf('title', $id),
            $node->at('component')->identifier(),
            $node->at('weight')->positive(self::MOST_POINTS),
            $levels,
            $maxPoints,
            $node->has('question') ? $node->at('question')->text(self::LONGEST_QUESTION) : null,
        );
    }

    /** What it can be judged from afterwards. */
    public function evidence(): Evidence
    {
        return $this->question === null ? Evidence::ofComponent($this->component) : Evidence::Writing;
    }

    /** The fraction of the points that a level does not earn. */
    public function shortfallAt(int $level): float
    {
        return 1 - $this->levels[$level]->points / $this->maxPoints;
    }
}
