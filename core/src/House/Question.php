<?php

declare(strict_types=1);

namespace DeftBlade\Core\House;

use DeftBlade\Core\Json\Node;

/** Something that kitchens do differently, each with its reason. */
final readonly class Question
{
    /**
     * @param list<string>                    $species what it is asked of; none: of everything
     * @param non-empty-array<string, School> $schools by key; the first is the default
     */
    private function __construct(public string $key, public string $question, public array $species, public array $schools) {}

    public static function read(Node $node): self
    {
        $node->keys(['key', 'question', 'species', 'options']);
        $schools = [];
        foreach ($node->at('options')->items() as $item) {
            $school = School::read($item);
            $schools[$school->key] = $school;
        }

        return new self(
            $node->at('key')->identifier(),
            $node->at('question')->text(),
            array_map(static fn(Node $it): string => $it->text(), $node->at('species')->items()),
            $schools ?: throw $node->at('options')->fail('must not be empty'),
        );
    }

    public function isAskedOf(string $species): bool
    {
        return $this->species === [] || in_array($species, $this->species, true);
    }

    public function default(): School
    {
        return $this->schools[array_key_first($this->schools)];
    }
}
